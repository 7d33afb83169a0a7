package tanah.web.design.water;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.core.design.Guards;
import tanah.core.design.WaterFeature;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.DeviceEdit;
import tanah.core.design.edit.FeatureEdit;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of a pump, filter, heater or of running water and applies it to a design. */
@Component
class DeviceEdits {
    private static final String FEATURE = "feature:";

    private final Catalogues catalogues;
    private final PartNames names;
    private final NumberEdit numbers;
    private final Words words;
    private final Edits edits;

    DeviceEdits(Catalogues catalogues, PartNames names, NumberEdit numbers, Words words, Edits edits) {
        this.edits = edits;
        this.catalogues = catalogues;
        this.names = names;
        this.numbers = numbers;
        this.words = words;
    }

    /** Whether an edit is about these things. */
    boolean knows(Design design, EditForm form) {
        String op = form.opWord();
        boolean placed = (op.equals("move") || op.equals("lift") || op.equals("remove"))
                && design.device(form.partId()).isPresent();
        return op.equals("add") || op.startsWith("device-") || op.startsWith("feature-") || placed;
    }

    EditOutcome apply(Design design, EditForm form, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        if (form.opWord().equals("add")) {
            return add(design, form.valueText(), catalogue, errors);
        }
        if (form.opWord().startsWith("feature-")) {
            return design.water().stream()
                    .flatMap(w -> w.features().stream())
                    .filter(f -> f.id().equals(form.partId()))
                    .findFirst()
                    .map(f -> feature(design, f, form, errors))
                    .orElseGet(() -> gone(design, errors));
        }
        Optional<Device> device = design.device(form.partId());
        Optional<Gear> gear = device.flatMap(d -> catalogue.findGear(d.item())).filter(Gear::isWaterDevice);
        return gear.isPresent()
                ? device(design, device.get(), gear.get(), form, catalogue, errors)
                : gone(design, errors);
    }

    private static EditOutcome gone(Design design, FieldErrors errors) {
        errors.add("form", "error.part.gone");
        return EditOutcome.none(design, "");
    }

    private EditOutcome add(Design design, String value, Catalogue catalogue, FieldErrors errors) {
        Optional<WaterFeature.Kind> kind = Arrays.stream(WaterFeature.Kind.values())
                .filter(k -> value.equals(FEATURE + k.word()))
                .findFirst();
        AddEdit edit = kind.<AddEdit>map(AddEdit.AddFeature::new).orElseGet(() -> new AddEdit.AddWaterDevice(value));
        return edits.attempt(edit, design, errors, "add")
                .map(made -> kind.map(k -> laid(made, k)).orElseGet(() -> laid(made, catalogue)))
                .orElseGet(() -> EditOutcome.none(design, WaterEdits.BODY));
    }

    private EditOutcome laid(Design made, WaterFeature.Kind kind) {
        List<WaterFeature> all = made.water().orElseThrow().features();
        String id = all.get(all.size() - 1).id();
        return new EditOutcome(made, words.of("edit.laid", words.of("feature." + kind.word())), id);
    }

    private EditOutcome laid(Design made, Catalogue catalogue) {
        Device d = made.devices().get(made.devices().size() - 1);
        return new EditOutcome(made, words.of("edit.laid", names.of(d.id(), made, catalogue)), d.id());
    }

    private EditOutcome device(
            Design design, Device d, Gear gear, EditForm form, Catalogue catalogue, FieldErrors errors) {
        Optional<NumberField> number = NumberField.named(form.opWord(), DeviceFields.ALL);
        if (number.isPresent()) {
            NumberField field = within(number.get(), design, catalogue);
            return numbers.typed(
                    design,
                    form,
                    field,
                    names.of(d.id(), design, catalogue),
                    DeviceFields.number(field).of(d),
                    errors,
                    value -> new DeviceEdit.SetNumber(d.id(), DeviceFields.number(field), value));
        }
        boolean yes = form.valueText().equals("true");
        return switch (form.opWord()) {
            case "device-item" -> {
                Optional<Gear> other = catalogue
                        .findGear(form.valueText())
                        .filter(g -> g.category().equals(gear.category()));
                if (other.isEmpty()) {
                    errors.add("device-item-" + d.id(), "error.choice");
                    yield EditOutcome.none(design, d.id());
                }
                yield act(
                        design,
                        new DeviceEdit.SetDevice(d.id(), other.get().id()),
                        gear.name() + " → " + other.get().name());
            }
            case "device-guard" ->
                act(
                        design,
                        new DeviceEdit.SetGuard(d.id(), yes ? Optional.of(Guards.inWater(gear)) : Optional.empty()),
                        words.of(yes ? "edit.guarded" : "edit.unguarded", gear.name()));
            case "device-valve" ->
                act(
                        design,
                        new DeviceEdit.FitValve(d.id(), yes),
                        words.of(yes ? "edit.valve" : "edit.no_valve", gear.name()));
            case "move", "lift" -> placed(design, d, gear, form, errors);
            case "device-remove", "remove" ->
                act(design, new DeviceEdit.RemoveDevice(d.id()), words.of("edit.removed", gear.name()))
                        .selecting(WaterEdits.BODY);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, d.id());
            }
        };
    }

    /** A place is limited by the box. */
    private static NumberField within(NumberField field, Design design, Catalogue catalogue) {
        Optional<Vessel> vessel = design.vessel().map(v -> Boxes.resolve(v, catalogue));
        return vessel.map(v -> switch (field.op()) {
                    case "device-x" -> field.upTo(v.length());
                    case "device-y" -> field.upTo(v.width());
                    case "device-z" -> field.upTo(v.height());
                    default -> field;
                })
                .orElse(field);
    }

    /** Dragged in the plan or in the section, kept inside the box. */
    private EditOutcome placed(Design design, Device d, Gear gear, EditForm form, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble other = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || other.isEmpty() || design.vessel().isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, d.id());
        }
        Device.Spot spot = form.opWord().equals("move")
                ? new Device.Spot(x, other, d.at().z())
                : new Device.Spot(x, d.at().y(), other);
        return act(design, new DeviceEdit.Place(d.id(), spot, 0), words.of("edit.moved", gear.name()));
    }

    private EditOutcome act(Design design, DeviceEdit edit, String summary) {
        Design changed = edits.apply(edit, design);
        return new EditOutcome(changed, summary, edit.device());
    }

    private EditOutcome act(Design design, FeatureEdit edit, String summary) {
        return new EditOutcome(edits.apply(edit, design), summary, edit.feature());
    }

    private EditOutcome feature(Design design, WaterFeature f, EditForm form, FieldErrors errors) {
        String name = words.of("feature." + f.kind().word());
        Optional<NumberField> number = NumberField.named(form.opWord(), DeviceFields.FEATURE);
        if (number.isPresent()) {
            NumberField field = number.get();
            return numbers.typed(
                    design,
                    form,
                    field,
                    name,
                    DeviceFields.feature(field).of(f),
                    errors,
                    value -> new FeatureEdit.SetNumber(f.id(), DeviceFields.feature(field), value));
        }
        return switch (form.opWord()) {
            case "feature-pump" -> pump(design, f, form.valueText(), name, errors);
            case "feature-face" -> {
                String face = form.valueText().toLowerCase(Locale.ROOT);
                if (!WaterFeature.FACES.contains(face)) {
                    errors.add("feature-face-" + f.id(), "error.choice");
                    yield EditOutcome.none(design, f.id());
                }
                yield act(design, new FeatureEdit.RunDown(f.id(), face), name + ": " + words.of("face." + face));
            }
            case "feature-remove" ->
                act(design, new FeatureEdit.Remove(f.id()), words.of("edit.removed", name))
                        .selecting(WaterEdits.BODY);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, f.id());
            }
        };
    }

    private EditOutcome pump(Design design, WaterFeature f, String id, String name, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(design);
        boolean known = id.isEmpty()
                || design.device(id)
                        .flatMap(d -> catalogue.findGear(d.item()))
                        .filter(Gear::isPump)
                        .isPresent();
        if (!known) {
            errors.add("feature-pump-" + f.id(), "error.choice");
            return EditOutcome.none(design, f.id());
        }
        Optional<String> pump = Optional.of(id).filter(p -> !p.isEmpty());
        String what = pump.map(p -> names.of(p, design, catalogue)).orElseGet(() -> words.of("feature.no_pump"));
        return act(design, new FeatureEdit.Feed(f.id(), pump), name + ": " + what);
    }
}
