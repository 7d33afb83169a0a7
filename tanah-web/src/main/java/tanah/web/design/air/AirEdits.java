package tanah.web.design.air;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of lid, openings, sheets, mist or moved air and applies it to a design. */
@Component
public class AirEdits {
    public static final String LID = "lid";
    public static final String MIST = "mist";
    public static final String FAN = "fan";
    public static final String EVENT = "event-";

    private static final int MOST = 24;

    private final Catalogues catalogues;
    private final LidEdits lid;
    private final WallEdits walls;
    private final MistEdits mist;
    private final NumberEdit numbers;
    private final Words words;

    AirEdits(Catalogues catalogues, LidEdits lid, WallEdits walls, MistEdits mist, NumberEdit numbers, Words words) {
        this.lid = lid;
        this.walls = walls;
        this.mist = mist;
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.words = words;
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
            return lid.apply(design, form, errors);
        }
        if (part.equals(MIST)) {
            return mist.mist(design, form, errors);
        }
        if (part.equals(FAN)) {
            return fan(design, form, errors);
        }
        if (part.startsWith(EVENT)) {
            return mist.event(design, form, errors);
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
        return AirFields.mist(design).nozzles().stream()
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
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogues.of(design));
        AirPlan.Mist mist = AirFields.mist(design);
        Envelope envelope = design.vessel().orElseThrow().envelope();
        if (mist.nozzles().size()
                        + mist.events().size()
                        + envelope.vents().size()
                        + envelope.insulation().size()
                >= MOST) {
            errors.add("add", "error.devices.many", MOST);
            return EditOutcome.none(design, LID);
        }
        String[] words = what.split(":", 2);
        String kind = words[0];
        String item = words.length > 1 ? words[1] : "";
        return switch (kind) {
            case "vent" -> walls.addVent(design, item, vessel, errors);
            case "sheet" -> walls.addSheet(design, item, errors);
            case "nozzle" -> this.mist.addNozzle(design, item, vessel, errors);
            case "event" -> this.mist.addEvent(design);
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

    static <T> List<T> replaced(List<T> all, T old, T made) {
        return all.stream().map(x -> x.equals(old) ? made : x).toList();
    }

    private EditOutcome fan(Design design, EditForm form, FieldErrors errors) {
        AirPlan air = design.air().orElse(AirPlan.STILL);
        return NumberField.named(form.opWord(), AirFields.FAN)
                .map(field -> {
                    return numbers.typed(
                            design,
                            form,
                            field,
                            words.of("part.fan"),
                            AirFields.get(field, air),
                            errors,
                            value -> design.withAir(Optional.of(AirFields.set(field, air, value))));
                })
                .orElseGet(() -> unknown(design, "error.edit.unknown", FAN, errors));
    }
}
