package tanah.web.design.hardscape;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Fixing;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceForm;
import tanah.core.design.PieceLook;
import tanah.core.design.Solids;
import tanah.core.design.edit.PieceEdit;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figures;
import tanah.core.scene.Textures;
import tanah.core.structure.PieceProposal;
import tanah.core.structure.PieceRules;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberField;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.design.words.FigureWords;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** The pieces of a design as rows with their fields. */
@Component
public class HardscapeParts {
    private final Catalogues catalogues;
    private final PartNames names;
    private final FigureWords figures;
    private final Words words;

    HardscapeParts(Catalogues catalogues, PartNames names, FigureWords figures, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.figures = figures;
        this.words = words;
    }

    public List<PartView> of(Evaluation e, String selected) {
        return e.design().hardscape().stream()
                .map(item -> part(item, e, item.id().equals(selected)))
                .toList();
    }

    private PartView part(HardscapeItem item, Evaluation e, boolean selected) {
        Catalogue catalogue = catalogues.of(e.design());
        OptionalDouble mass = Solids.mass(item, catalogue);
        return new PartView(
                item.id(),
                names.piece(item, catalogue),
                Textures.of(item).name().toLowerCase(Locale.ROOT),
                mass.isPresent() ? Numbers.massWithUnit(mass.getAsDouble()) : "",
                selected,
                selected ? fields(item, e, catalogue) : List.of(),
                selected ? acts() : List.of(),
                selected ? numbers(item, e, catalogue) : List.of());
    }

    private List<FieldView> fields(HardscapeItem item, Evaluation e, Catalogue catalogue) {
        List<FieldView> fields = new ArrayList<>();
        fields.add(FieldView.text(
                "name", item.id(), words.of("field.name"), item.name().orElse("")));
        for (NumberField field : PieceFields.ALL) {
            if (!field.equals(PieceFields.ANCHOR) || item.stands()) {
                fields.add(field.view(item.id(), PieceFields.number(field).of(item), words));
            }
        }
        fields.add(FieldView.choice(
                "media",
                item.id(),
                words.of("field.media"),
                item.media().orElse(""),
                catalogue.allMedia().stream()
                        .filter(PieceProposal::isPiece)
                        .map(m -> new FieldView.Option(m.id(), m.name()))
                        .toList()));
        Fixing.Support support = e.ground()
                .map(g -> PieceRules.support(item, g))
                .orElse(item.fixing().support().orElse(Fixing.Support.BASE));
        List<FieldView.Option> supports = new ArrayList<>();
        for (Fixing.Support s : Fixing.Support.values()) {
            supports.add(new FieldView.Option(s.word(), words.of("support." + s.word())));
        }
        fields.add(FieldView.choice("support", item.id(), words.of("field.support"), support.word(), supports));
        List<FieldView.Option> hides = new ArrayList<>();
        hides.add(new FieldView.Option("", words.of("hide.none")));
        PieceEdit.MakeHide.KINDS.forEach(h -> hides.add(new FieldView.Option(h, words.of("hide." + h))));
        fields.add(FieldView.choice(
                "hide",
                item.id(),
                words.of("field.hide"),
                item.hide().map(HardscapeItem.Hide::kind).orElse(""),
                hides));
        List<FieldView.Option> forms = new ArrayList<>();
        for (PieceForm form : PieceForm.values()) {
            forms.add(new FieldView.Option(form.word(), words.of("form." + form.word())));
        }
        fields.add(FieldView.choice(
                "form",
                item.id(),
                words.of("field.form"),
                PieceLook.of(item).form().word(),
                forms));
        return fields;
    }

    private List<PartView.Act> acts() {
        return List.of(
                new PartView.Act("turn", "15", words.of("act.turn_left")),
                new PartView.Act("turn", "-15", words.of("act.turn_right")),
                new PartView.Act("form-anew", "", words.of("act.form_anew")),
                new PartView.Act("copy", "", words.of("act.copy")),
                new PartView.Act("remove", "", words.of("pit.take_out")));
    }

    private List<NumberRow> numbers(HardscapeItem item, Evaluation e, Catalogue catalogue) {
        String prefix = "piece." + item.id() + ".";
        return Figures.of(e, catalogue).stream()
                .filter(f -> f.id().startsWith(prefix))
                .map(f -> new NumberRow(
                        words.of("figure.piece." + f.id().substring(prefix.length())), figures.value(f), f.id()))
                .toList();
    }
}
