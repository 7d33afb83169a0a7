package tanah.web.design.air;

import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.edit.MistEdit;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.forms.FieldErrors;

/** Reads one edit of lid, openings, sheets, mist or moved air and applies it to a design. */
@Component
public class AirEdits {
    public static final String LID = "lid";
    public static final String MIST = "mist";
    public static final String FAN = "fan";
    public static final String EVENT = "event-";

    private final LidEdits lid;
    private final WallEdits walls;
    private final PaneEdits panes;
    private final MistEdits mist;

    AirEdits(LidEdits lid, WallEdits walls, PaneEdits panes, MistEdits mist) {
        this.lid = lid;
        this.walls = walls;
        this.panes = panes;
        this.mist = mist;
    }

    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (design.vessel().isEmpty()) {
            errors.add("form", "error.vessel.first");
            return EditOutcome.none(design, LID);
        }
        String part = form.partId();
        if (form.opWord().equals("add")) {
            return add(design, form.valueText(), errors);
        }
        if (part.equals(LID)) {
            return lid.lid(design, form, errors);
        }
        if (part.equals(MIST)) {
            return mist.mist(design, form, errors);
        }
        if (part.equals(FAN)) {
            return lid.fan(design, form, errors);
        }
        if (part.startsWith(EVENT)) {
            return mist.event(design, form, errors);
        }
        Optional<Envelope.Pane> pane = PaneEdits.named(design, part);
        if (pane.isPresent()) {
            return panes.pane(design, pane.get(), form, errors);
        }
        Optional<Envelope.Vent> vent = design.vessel().get().envelope().vents().stream()
                .filter(v -> v.id().equals(part))
                .findFirst();
        if (vent.isPresent()) {
            return walls.vent(design, vent.get(), form, errors);
        }
        Optional<Envelope.Insulation> sheet = design.vessel().get().envelope().insulation().stream()
                .filter(v -> v.id().equals(part))
                .findFirst();
        if (sheet.isPresent()) {
            return walls.sheet(design, sheet.get(), form, errors);
        }
        return MistEdit.mist(design).nozzles().stream()
                .filter(n -> n.id().equals(part))
                .findFirst()
                .map(n -> mist.nozzle(design, n, form, errors))
                .orElseGet(() -> unknown(design, "error.part.gone", "", errors));
    }

    static EditOutcome unknown(Design design, String word, String part, FieldErrors errors) {
        errors.add("form", word);
        return EditOutcome.none(design, part);
    }

    private EditOutcome add(Design design, String what, FieldErrors errors) {
        String[] words = what.split(":", 2);
        String kind = words[0];
        String item = words.length > 1 ? words[1] : "";
        return switch (kind) {
            case "vent" -> walls.addVent(design, item, errors);
            case "sheet" -> walls.addSheet(design, item, errors);
            case "pane" -> panes.add(design, item, errors);
            case "nozzle" -> mist.addNozzle(design, item, errors);
            case "event" -> mist.addEvent(design, errors);
            default -> {
                errors.add("add", "error.choice");
                yield EditOutcome.none(design, LID);
            }
        };
    }

    static Optional<Envelope.Face> face(String word) {
        for (Envelope.Face f : Envelope.Face.values()) {
            if (f.word().equals(word)) {
                return Optional.of(f);
            }
        }
        return Optional.empty();
    }
}
