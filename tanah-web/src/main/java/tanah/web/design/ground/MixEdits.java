package tanah.web.design.ground;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.edit.GroundEdit;
import tanah.core.design.edit.GroundNumber;
import tanah.core.school.SoilParts;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Edits the parts of a mix. The first edit of a shipped mix makes it the keeper's own in this layer. */
@Component
class MixEdits {
    private static final int MOST_PARTS = 20;

    private final Catalogues catalogues;
    private final Words words;
    private final Edits edits;

    MixEdits(Catalogues catalogues, Words words, Edits edits) {
        this.catalogues = catalogues;
        this.words = words;
        this.edits = edits;
    }

    /** Whether an edit is one of a mix. */
    static boolean knows(String op) {
        return op.startsWith("mix-");
    }

    EditOutcome apply(Design design, Layer layer, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        Map<String, Double> parts = SoilParts.parts(layer, catalogue);
        String media = form.opWord().equals("mix-part") ? form.otherText() : form.valueText();
        String field = form.opWord() + "-" + form.partId() + (form.opWord().equals("mix-part") ? "-" + media : "");
        Optional<Medium> medium = catalogue.findMedium(media).filter(Medium::isLoose);
        if (medium.isEmpty() || !form.opWord().equals("mix-add") && !parts.containsKey(media)) {
            errors.add(field, "error.media.unknown");
            return EditOutcome.none(design, layer.id());
        }
        String summary;
        double share;
        switch (form.opWord()) {
            case "mix-part" -> {
                OptionalDouble typed = errors.required(
                        field,
                        form.valueText(),
                        Quantity.Kind.NUMBER,
                        GroundNumber.PART.limits().min(),
                        GroundNumber.PART.limits().max(),
                        Unit.COUNT);
                if (typed.isEmpty() || typed.getAsDouble() == parts.get(media)) {
                    return EditOutcome.none(design, layer.id());
                }
                share = typed.getAsDouble();
                summary = words.of("edit.mix_part", medium.get().name(), Numbers.upTo(typed.getAsDouble(), 2));
            }
            case "mix-add" -> {
                if (parts.containsKey(media) || parts.size() >= MOST_PARTS) {
                    errors.add(field, parts.containsKey(media) ? "error.mix.twice" : "error.mix.many", MOST_PARTS);
                    return EditOutcome.none(design, layer.id());
                }
                share = 1;
                summary = words.of("edit.mix_add", medium.get().name());
            }
            case "mix-out" -> {
                if (parts.size() < 2) {
                    errors.add("form", "error.mix.last");
                    return EditOutcome.none(design, layer.id());
                }
                share = 0;
                summary = words.of("edit.mix_out", medium.get().name());
            }
            default -> {
                errors.add("form", "error.edit.unknown");
                return EditOutcome.none(design, layer.id());
            }
        }
        return new EditOutcome(
                edits.apply(new GroundEdit.SetPart(layer.id(), media, share), design), summary, layer.id());
    }
}
