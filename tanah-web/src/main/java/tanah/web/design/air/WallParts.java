package tanah.web.design.air;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Envelope;
import tanah.core.design.Faces;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.PaneEdit;
import tanah.core.design.edit.WallEdit;
import tanah.core.units.Unit;
import tanah.core.vessel.Material;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.PartView;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** Openings, sheets and walls of their own as rows with their fields. */
@Component
class WallParts {
    private final Words words;

    WallParts(Words words) {
        this.words = words;
    }

    PartView vent(Envelope.Vent v, boolean open) {
        return new PartView(
                v.id(),
                words.of("part.vent", words.of("face." + v.face().word())),
                "void",
                v.height().isPresent() ? Numbers.lengthWithUnit(v.height().getAsDouble()) : "",
                open,
                open
                        ? AirFields.vents(v.face()).stream()
                                .map(f -> f.view(v.id(), AirFields.vent(f).of(v), words))
                                .toList()
                        : List.of(),
                open ? List.of(new PartView.Act("vent-remove", "", words.of("pit.take_out"))) : List.of(),
                List.of(),
                open ? List.of(words.of("caution.vent")) : List.of());
    }

    PartView sheet(Envelope.Insulation s, boolean open) {
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(choice("sheet-material", s.id(), s.material(), "sheet.", WallEdit.SHEETS));
            fields.add(AirFields.SHEET_THICK.view(s.id(), s.thickness(), words));
            fields.add(choice(
                    "sheet-inside",
                    s.id(),
                    String.valueOf(s.inside().orElse(false)),
                    "sheet-inside.",
                    List.of("false", "true")));
            if (s.inside().orElse(false)) {
                fields.add(AirFields.SHEET_REFLECTS.view(s.id(), s.reflects(), words));
            }
        }
        return new PartView(
                s.id(),
                words.of("part.sheet", words.of("face." + s.face().word())),
                "foam",
                Numbers.lengthWithUnit(s.thickness()),
                open,
                fields,
                open ? List.of(new PartView.Act("sheet-remove", "", words.of("pit.take_out"))) : List.of(),
                List.of(),
                List.of());
    }

    PartView pane(Envelope.Pane p, VesselPlan vessel, Catalogue catalogue, String selected) {
        String id = PaneEdits.id(p.face());
        boolean open = selected.equals(id);
        Material material = Faces.material(vessel, p.face(), catalogue);
        OptionalDouble thick = Faces.thickness(vessel, p.face(), catalogue);
        List<FieldView> fields = new ArrayList<>();
        if (open) {
            fields.add(choice(
                    "pane-material",
                    id,
                    PaneEdits.word(material),
                    "pane.",
                    PaneEdit.materials(p.face()).stream().map(PaneEdits::word).toList()));
            fields.add(AirFields.PANE_THICK.view(id, p.thickness(), words));
            boolean covered = vessel.envelope().insulation().stream().anyMatch(s -> s.face() == p.face());
            if (!material.isClear() || covered || p.reflects().isPresent()) {
                fields.add(AirFields.PANE_REFLECTS.view(id, p.reflects(), words));
            }
        }
        return new PartView(
                id,
                words.of("part.pane", words.of("face." + p.face().word())),
                "void",
                words.of("pane." + PaneEdits.word(material))
                        + (thick.isPresent() ? ", " + Numbers.withUnit(thick.getAsDouble(), Unit.MILLIMETRE) : ""),
                open,
                fields,
                open ? List.of(new PartView.Act("pane-remove", "", words.of("pane.as_box"))) : List.of(),
                List.of(),
                open ? List.of(words.of("caution.pane")) : List.of());
    }

    /** A choice among words that have wording of their own. */
    FieldView choice(String op, String part, String value, String wording, List<String> all) {
        return FieldView.choice(
                op,
                part,
                words.of("field." + op),
                value,
                all.stream()
                        .map(w -> new FieldView.Option(w, words.of(wording + w)))
                        .toList());
    }
}
