package tanah.web.design.air;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Ids;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of nozzles, pump, tank or mistings. */
@Component
class MistEdits {
    private static final double FIRST_SECONDS = 30;

    private final Catalogues catalogues;
    private final NumberEdit numbers;
    private final Words words;

    MistEdits(Catalogues catalogues, NumberEdit numbers, Words words) {
        this.catalogues = catalogues;
        this.numbers = numbers;
        this.words = words;
    }

    EditOutcome addNozzle(Design design, String item, Vessel vessel, FieldErrors errors) {
        Optional<MistGear> gear =
                catalogues.of(design).findMistGear(item).filter(g -> g.is("nozzle") || g.is("fogger") || g.is("hand"));
        if (gear.isEmpty()) {
            errors.add("add", "error.choice");
            return EditOutcome.none(design, AirEdits.LID);
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

    EditOutcome addEvent(Design design) {
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
                AirEdits.EVENT + all.indexOf(made));
    }

    EditOutcome nozzle(Design design, AirPlan.Nozzle n, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        AirPlan.Mist mist = AirFields.mist(design);
        String name =
                n.item().flatMap(catalogue::findMistGear).map(MistGear::name).orElse(n.id());
        Vessel vessel = Boxes.resolve(design.vessel().orElseThrow(), catalogue);
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.NOZZLE);
        if (number.isPresent()) {
            NumberField field = switch (number.get().op()) {
                case "nozzle-x" -> number.get().upTo(vessel.length());
                case "nozzle-y" -> number.get().upTo(vessel.width());
                case "nozzle-z" -> number.get().upTo(vessel.height());
                default -> number.get();
            };
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    AirFields.get(field, n),
                    errors,
                    value -> AirFields.withMist(
                            design,
                            mist.withNozzles(AirEdits.replaced(mist.nozzles(), n, AirFields.set(field, n, value)))));
        }
        return switch (form.opWord()) {
            case "move", "lift" -> moved(design, n, form, name, vessel, errors);
            case "nozzle-item" ->
                catalogue
                        .findMistGear(form.valueText())
                        .map(g -> new EditOutcome(
                                AirFields.withMist(
                                        design,
                                        mist.withNozzles(AirEdits.replaced(
                                                mist.nozzles(),
                                                n,
                                                new AirPlan.Nozzle(
                                                        n.id(), Optional.of(g.id()), n.at(), OptionalDouble.empty())))),
                                name + " → " + g.name(),
                                n.id()))
                        .orElseGet(() -> AirEdits.unknown(design, "error.choice", n.id(), errors));
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
                        AirEdits.MIST);
            default -> AirEdits.unknown(design, "error.edit.unknown", n.id(), errors);
        };
    }

    private EditOutcome moved(
            Design design, AirPlan.Nozzle n, EditForm form, String name, Vessel vessel, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || other.isEmpty()) {
            return AirEdits.unknown(design, "error.edit.unknown", n.id(), errors);
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
                        mist.withNozzles(AirEdits.replaced(
                                mist.nozzles(), n, new AirPlan.Nozzle(n.id(), n.item(), spot, n.flow())))),
                words.of("edit.moved", name),
                n.id());
    }

    EditOutcome mist(Design design, EditForm form, FieldErrors errors) {
        AirPlan.Mist mist = AirFields.mist(design);
        Catalogue catalogue = catalogues.of(design);
        String value = form.valueText();
        Optional<String> item = Optional.of(value).filter(v -> !v.isEmpty());
        if (item.isPresent() && catalogue.findMistGear(value).isEmpty()) {
            return AirEdits.unknown(design, "error.choice", AirEdits.MIST, errors);
        }
        String name = item.flatMap(catalogue::findMistGear).map(MistGear::name).orElseGet(() -> words.of("mist.none"));
        return switch (form.opWord()) {
            case "mist-pump" ->
                new EditOutcome(
                        AirFields.withMist(design, mist.withPump(item)),
                        words.of("field.mist-pump") + ": " + name,
                        AirEdits.MIST);
            case "mist-tank" ->
                new EditOutcome(
                        AirFields.withMist(design, mist.withTank(item)),
                        words.of("field.mist-tank") + ": " + name,
                        AirEdits.MIST);
            default -> AirEdits.unknown(design, "error.edit.unknown", AirEdits.MIST, errors);
        };
    }

    EditOutcome event(Design design, EditForm form, FieldErrors errors) {
        AirPlan.Mist mist = AirFields.mist(design);
        int index = form.partId().matches(AirEdits.EVENT + "\\d{1,3}")
                ? Integer.parseInt(form.partId().substring(AirEdits.EVENT.length()))
                : -1;
        if (index < 0 || index >= mist.events().size()) {
            return AirEdits.unknown(design, "error.part.gone", AirEdits.MIST, errors);
        }
        AirPlan.Event event = mist.events().get(index);
        Optional<NumberField> number = NumberField.named(form.opWord(), AirFields.EVENT);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    words.of("part.event"),
                    AirFields.get(field, event),
                    errors,
                    value -> AirFields.withMist(
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
                    AirEdits.MIST);
        }
        return AirEdits.unknown(design, "error.edit.unknown", AirEdits.MIST, errors);
    }

    private static List<AirPlan.Event> at(List<AirPlan.Event> events, int index, AirPlan.Event made) {
        List<AirPlan.Event> all = new ArrayList<>(events);
        all.set(index, made);
        return all;
    }
}
