package tanah.web.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Envelope;
import tanah.core.design.Ids;
import tanah.core.design.VesselPlan;
import tanah.core.finding.Stage;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of lid, openings, sheets, mist or moved air and applies it to a design. */
@Component
class AirEdits implements StageEdits {
    static final String LID = "lid";
    static final String MIST = "mist";
    static final String FAN = "fan";
    static final String EVENT = "event-";

    static final List<String> SHEETS = List.of("xps", "cork", "pu_foam", "pvc_foam", "plywood");

    private static final int MOST = 24;
    private static final double FIRST_SECONDS = 30;

    private final Catalogues catalogues;
    private final RemedyEdit remedies;
    private final NumberEdit numbers;
    private final Words words;

    AirEdits(Catalogues catalogues, RemedyEdit remedies, NumberEdit numbers, Words words) {
        this.catalogues = catalogues;
        this.remedies = remedies;
        this.numbers = numbers;
        this.words = words;
    }

    @Override
    public Stage stage() {
        return Stage.AIR;
    }

    @Override
    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (form.opWord().equals("remedy")) {
            return remedies.apply(design, form, errors);
        }
        if (design.vessel().isEmpty()) {
            errors.add("form", "error.vessel.first");
            return EditOutcome.none(design, LID);
        }
        String part = form.partId();
        if (form.opWord().equals("add")) {
            return add(design, form.valueText(), errors);
        }
        if (part.equals(LID)) {
            return lid(design, form, errors);
        }
        if (part.equals(MIST)) {
            return mist(design, form, errors);
        }
        if (part.equals(FAN)) {
            return fan(design, form, errors);
        }
        if (part.startsWith(EVENT)) {
            return event(design, form, errors);
        }
        Optional<Envelope.Vent> vent = design.vessel().get().envelope().vents().stream()
                .filter(v -> v.id().equals(part))
                .findFirst();
        if (vent.isPresent()) {
            return vent(design, vent.get(), form, errors);
        }
        Optional<Envelope.Insulation> sheet = design.vessel().get().envelope().insulation().stream()
                .filter(v -> v.id().equals(part))
                .findFirst();
        if (sheet.isPresent()) {
            return sheet(design, sheet.get(), form, errors);
        }
        return AirFields.mist(design).nozzles().stream()
                .filter(n -> n.id().equals(part))
                .findFirst()
                .map(n -> nozzle(design, n, form, errors))
                .orElseGet(() -> unknown(design, "error.part.gone", "", errors));
    }

    private static EditOutcome unknown(Design design, String word, String part, FieldErrors errors) {
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
            case "vent" -> addVent(design, item, vessel, errors);
            case "sheet" -> addSheet(design, item, errors);
            case "nozzle" -> addNozzle(design, item, vessel, errors);
            case "event" -> addEvent(design);
            default -> {
                errors.add("add", "error.choice");
                yield EditOutcome.none(design, LID);
            }
        };
    }

    private static Optional<Envelope.Face> face(String word) {
        for (Envelope.Face f : Envelope.Face.values()) {
            if (f.word().equals(word)) {
                return Optional.of(f);
            }
        }
        return Optional.empty();
    }

    private EditOutcome addVent(Design design, String face, Vessel vessel, FieldErrors errors) {
        Optional<Envelope.Face> side = face(face).filter(f -> f != Envelope.Face.LID && f != Envelope.Face.BOTTOM);
        if (side.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, LID);
        }
        boolean across = side.get() == Envelope.Face.FRONT || side.get() == Envelope.Face.BACK;
        String id = Ids.free(design, "vent-" + face);
        Envelope.Vent made = new Envelope.Vent(
                id,
                side.get(),
                OptionalDouble.of(vessel.height() / 2),
                OptionalDouble.of(0.02),
                OptionalDouble.of((across ? vessel.length() : vessel.width()) - 0.02),
                OptionalDouble.empty(),
                OptionalDouble.of(0.02),
                OptionalDouble.empty());
        return new EditOutcome(
                AirFields.withVents(design, v -> {
                    v.add(made);
                    return v;
                }),
                words.of("edit.laid", words.of("part.vent", words.of("face." + face))),
                id);
    }

    private EditOutcome addSheet(Design design, String face, FieldErrors errors) {
        Optional<Envelope.Face> side = face(face);
        if (side.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, LID);
        }
        String id = Ids.free(design, "sheet-" + face);
        Envelope.Insulation made = new Envelope.Insulation(id, side.get(), "xps", 0.02, Optional.of(false));
        return new EditOutcome(
                AirFields.withSheets(design, v -> {
                    v.add(made);
                    return v;
                }),
                words.of("edit.laid", words.of("part.sheet", words.of("face." + face))),
                id);
    }

    private EditOutcome addNozzle(Design design, String item, Vessel vessel, FieldErrors errors) {
        Optional<MistGear> gear =
                catalogues.of(design).findMistGear(item).filter(g -> g.is("nozzle") || g.is("fogger") || g.is("hand"));
        if (gear.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, LID);
        }
        AirPlan.Mist mist = AirFields.mist(design);
        String id = Ids.free(design, "nozzle");
        List<AirPlan.Nozzle> all = new ArrayList<>(mist.nozzles());
        double share = (all.size() % 4 + 1) / 5.0;
        all.add(new AirPlan.Nozzle(
                id,
                Optional.of(item),
                Device.Spot.at(vessel.length() * share, vessel.width() * 0.6, vessel.height() - 0.02),
                OptionalDouble.empty()));
        AirPlan.Mist with = mist.withNozzles(all);
        // the first nozzle alone does nothing: a misting comes with it
        if (with.events().isEmpty()) {
            with = with.withEvents(List.of(new AirPlan.Event(design.heat().start(), FIRST_SECONDS, List.of())));
        }
        return new EditOutcome(
                AirFields.withMist(design, with),
                words.of("edit.laid", gear.get().name()),
                id);
    }

    private EditOutcome addEvent(Design design) {
        AirPlan.Mist mist = AirFields.mist(design);
        List<AirPlan.Event> all = new ArrayList<>(mist.events());
        double hour = all.isEmpty()
                ? design.heat().start()
                : (all.stream().mapToDouble(AirPlan.Event::hour).max().orElse(8) + 4) % 24;
        AirPlan.Event made = new AirPlan.Event(hour, FIRST_SECONDS, List.of());
        all.add(made);
        all.sort(Comparator.comparingDouble(AirPlan.Event::hour));
        return new EditOutcome(
                AirFields.withMist(design, mist.withEvents(all)),
                words.of("edit.laid", words.of("part.event")),
                EVENT + all.indexOf(made));
    }

    private EditOutcome lid(Design design, EditForm form, FieldErrors errors) {
        VesselPlan.Lid lid = design.vessel().orElseThrow().lid().orElse(VesselPlan.Lid.UNSAID);
        Optional<NumberField> number = WaterFields.of(form.opWord(), AirFields.LID);
        if (number.isPresent()) {
            NumberField field = number.get();
            OptionalDouble value = field.read(form, errors);
            return numbers.apply(
                    design,
                    form,
                    field,
                    words.of("part.lid"),
                    AirFields.get(field, lid),
                    value,
                    errors,
                    () -> lid(design, AirFields.set(field, lid, value)));
        }
        if (form.opWord().equals("lid-side")) {
            return face(form.valueText())
                    .map(f -> new EditOutcome(
                            lid(
                                    design,
                                    lid.withMesh(new VesselPlan.Mesh(
                                            Optional.of(f),
                                            lid.mesh().item(),
                                            lid.mesh().open()))),
                            words.of("part.lid") + ": " + words.of("face." + f.word()),
                            LID))
                    .orElseGet(() -> unknown(design, "error.choice", LID, errors));
        }
        if (form.opWord().equals("lid-item")) {
            return catalogues
                    .of(design)
                    .findMesh(form.valueText())
                    .map(m -> new EditOutcome(
                            lid(
                                    design,
                                    lid.withMesh(new VesselPlan.Mesh(
                                            lid.mesh().side(), Optional.of(m.id()), OptionalDouble.empty()))),
                            words.of("part.lid") + ": " + m.name(),
                            LID))
                    .orElseGet(() -> unknown(design, "error.choice", LID, errors));
        }
        return unknown(design, "error.edit.unknown", LID, errors);
    }

    private static Design lid(Design design, VesselPlan.Lid lid) {
        return design.withVessel(design.vessel().orElseThrow().withLid(lid));
    }

    private EditOutcome vent(Design design, Envelope.Vent v, EditForm form, FieldErrors errors) {
        String name = words.of("part.vent", words.of("face." + v.face().word()));
        Optional<NumberField> number = WaterFields.of(form.opWord(), AirFields.VENT);
        if (number.isPresent()) {
            NumberField field = number.get();
            OptionalDouble value = field.read(form, errors);
            return numbers.apply(
                    design,
                    form,
                    field,
                    name,
                    AirFields.get(field, v),
                    value,
                    errors,
                    () -> AirFields.withVents(design, all -> replaced(all, v, AirFields.set(field, v, value))));
        }
        if (form.opWord().equals("vent-remove") || form.opWord().equals("remove")) {
            return new EditOutcome(
                    AirFields.withVents(
                            design,
                            all -> all.stream().filter(x -> !x.equals(v)).toList()),
                    words.of("edit.removed", name),
                    LID);
        }
        return unknown(design, "error.edit.unknown", v.id(), errors);
    }

    private EditOutcome sheet(Design design, Envelope.Insulation s, EditForm form, FieldErrors errors) {
        String name = words.of("part.sheet", words.of("face." + s.face().word()));
        if (form.opWord().equals(AirFields.SHEET_THICK.op())) {
            OptionalDouble value = AirFields.SHEET_THICK.read(form, errors);
            return numbers.apply(
                    design,
                    form,
                    AirFields.SHEET_THICK,
                    name,
                    OptionalDouble.of(s.thickness()),
                    value,
                    errors,
                    () -> AirFields.withSheets(
                            design,
                            all -> replaced(
                                    all,
                                    s,
                                    new Envelope.Insulation(
                                            s.id(), s.face(), s.material(), value.orElseThrow(), s.inside()))));
        }
        UnaryOperator<Envelope.Insulation> change;
        String said;
        switch (form.opWord()) {
            case "sheet-material" -> {
                if (!SHEETS.contains(form.valueText())) {
                    return unknown(design, "error.choice", s.id(), errors);
                }
                change = x -> new Envelope.Insulation(x.id(), x.face(), form.valueText(), x.thickness(), x.inside());
                said = words.of("sheet." + form.valueText());
            }
            case "sheet-inside" -> {
                boolean inside = form.valueText().equals("true");
                change = x ->
                        new Envelope.Insulation(x.id(), x.face(), x.material(), x.thickness(), Optional.of(inside));
                said = words.of("sheet-inside." + inside);
            }
            case "sheet-remove" -> {
                return new EditOutcome(
                        AirFields.withSheets(
                                design,
                                all -> all.stream().filter(x -> !x.equals(s)).toList()),
                        words.of("edit.removed", name),
                        LID);
            }
            default -> {
                return unknown(design, "error.edit.unknown", s.id(), errors);
            }
        }
        return new EditOutcome(
                AirFields.withSheets(design, all -> replaced(all, s, change.apply(s))), name + ": " + said, s.id());
    }

    private static <T> List<T> replaced(List<T> all, T old, T made) {
        return all.stream().map(x -> x.equals(old) ? made : x).toList();
    }

    private EditOutcome nozzle(Design design, AirPlan.Nozzle n, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        AirPlan.Mist mist = AirFields.mist(design);
        String name =
                n.item().flatMap(catalogue::findMistGear).map(MistGear::name).orElse(n.id());
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        Optional<NumberField> number = WaterFields.of(form.opWord(), AirFields.NOZZLE);
        if (number.isPresent()) {
            NumberField field = switch (number.get().op()) {
                case "nozzle-x" -> number.get().upTo(vessel.length());
                case "nozzle-y" -> number.get().upTo(vessel.width());
                case "nozzle-z" -> number.get().upTo(vessel.height());
                default -> number.get();
            };
            OptionalDouble value = field.read(form, errors);
            return numbers.apply(
                    design,
                    form,
                    field,
                    name,
                    AirFields.get(field, n),
                    value,
                    errors,
                    () -> AirFields.withMist(
                            design, mist.withNozzles(replaced(mist.nozzles(), n, AirFields.set(field, n, value)))));
        }
        return switch (form.opWord()) {
            case "move", "lift" -> moved(design, n, form, name, vessel, errors);
            case "nozzle-item" ->
                catalogue
                        .findMistGear(form.valueText())
                        .map(g -> new EditOutcome(
                                AirFields.withMist(
                                        design,
                                        mist.withNozzles(replaced(
                                                mist.nozzles(),
                                                n,
                                                new AirPlan.Nozzle(
                                                        n.id(), Optional.of(g.id()), n.at(), OptionalDouble.empty())))),
                                name + " → " + g.name(),
                                n.id()))
                        .orElseGet(() -> unknown(design, "error.choice", n.id(), errors));
            case "nozzle-remove", "remove" ->
                new EditOutcome(
                        AirFields.withMist(
                                design,
                                mist.withNozzles(mist.nozzles().stream()
                                                .filter(x -> !x.id().equals(n.id()))
                                                .toList())
                                        .withEvents(mist.events().stream()
                                                .map(v -> new AirPlan.Event(
                                                        v.hour(),
                                                        v.seconds(),
                                                        v.nozzles().stream()
                                                                .filter(x -> !x.equals(n.id()))
                                                                .toList()))
                                                .toList())),
                        words.of("edit.removed", name),
                        MIST);
            default -> unknown(design, "error.edit.unknown", n.id(), errors);
        };
    }

    private EditOutcome moved(
            Design design, AirPlan.Nozzle n, EditForm form, String name, Vessel vessel, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || other.isEmpty()) {
            return unknown(design, "error.edit.unknown", n.id(), errors);
        }
        OptionalDouble along = OptionalDouble.of(Math.max(0, Math.min(vessel.length(), x.getAsDouble())));
        boolean plan = form.opWord().equals("move");
        double kept = Math.max(0, Math.min(plan ? vessel.width() : vessel.height(), other.getAsDouble()));
        Device.Spot spot = plan
                ? new Device.Spot(along, OptionalDouble.of(kept), n.at().z())
                : new Device.Spot(along, n.at().y(), OptionalDouble.of(kept));
        AirPlan.Mist mist = AirFields.mist(design);
        return new EditOutcome(
                AirFields.withMist(
                        design,
                        mist.withNozzles(
                                replaced(mist.nozzles(), n, new AirPlan.Nozzle(n.id(), n.item(), spot, n.flow())))),
                words.of("edit.moved", name),
                n.id());
    }

    private EditOutcome mist(Design design, EditForm form, FieldErrors errors) {
        AirPlan.Mist mist = AirFields.mist(design);
        Catalogue catalogue = catalogues.of(design);
        String value = form.valueText();
        Optional<String> item = Optional.of(value).filter(v -> !v.isEmpty());
        if (item.isPresent() && catalogue.findMistGear(value).isEmpty()) {
            return unknown(design, "error.choice", MIST, errors);
        }
        String name = item.flatMap(catalogue::findMistGear).map(MistGear::name).orElseGet(() -> words.of("mist.none"));
        return switch (form.opWord()) {
            case "mist-pump" ->
                new EditOutcome(
                        AirFields.withMist(design, mist.withPump(item)),
                        words.of("field.mist-pump") + ": " + name,
                        MIST);
            case "mist-tank" ->
                new EditOutcome(
                        AirFields.withMist(design, mist.withTank(item)),
                        words.of("field.mist-tank") + ": " + name,
                        MIST);
            default -> unknown(design, "error.edit.unknown", MIST, errors);
        };
    }

    private EditOutcome event(Design design, EditForm form, FieldErrors errors) {
        AirPlan.Mist mist = AirFields.mist(design);
        int index = form.partId().matches(EVENT + "\\d{1,3}")
                ? Integer.parseInt(form.partId().substring(EVENT.length()))
                : -1;
        if (index < 0 || index >= mist.events().size()) {
            return unknown(design, "error.part.gone", MIST, errors);
        }
        AirPlan.Event event = mist.events().get(index);
        Optional<NumberField> number = WaterFields.of(form.opWord(), AirFields.EVENT);
        if (number.isPresent()) {
            NumberField field = number.get();
            OptionalDouble value = field.read(form, errors);
            return numbers.apply(
                    design,
                    form,
                    field,
                    words.of("part.event"),
                    AirFields.get(field, event),
                    value,
                    errors,
                    () -> AirFields.withMist(
                            design,
                            mist.withEvents(
                                    at(mist.events(), index, AirFields.set(field, event, value.orElseThrow())))));
        }
        if (form.opWord().equals("event-remove")) {
            List<AirPlan.Event> less = new ArrayList<>(mist.events());
            less.remove(index);
            return new EditOutcome(
                    AirFields.withMist(design, mist.withEvents(less)),
                    words.of("edit.removed", words.of("part.event")),
                    MIST);
        }
        return unknown(design, "error.edit.unknown", MIST, errors);
    }

    private static List<AirPlan.Event> at(List<AirPlan.Event> events, int index, AirPlan.Event made) {
        List<AirPlan.Event> all = new ArrayList<>(events);
        all.set(index, made);
        return all;
    }

    private EditOutcome fan(Design design, EditForm form, FieldErrors errors) {
        AirPlan air = design.air().orElse(AirPlan.STILL);
        return WaterFields.of(form.opWord(), AirFields.FAN)
                .map(field -> {
                    OptionalDouble value = field.read(form, errors);
                    return numbers.apply(
                            design,
                            form,
                            field,
                            words.of("part.fan"),
                            AirFields.get(field, air),
                            value,
                            errors,
                            () -> design.withAir(Optional.of(AirFields.set(field, air, value))));
                })
                .orElseGet(() -> unknown(design, "error.edit.unknown", FAN, errors));
    }
}
