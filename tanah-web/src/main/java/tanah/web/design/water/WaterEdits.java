package tanah.web.design.water;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.design.Design;
import tanah.core.design.Ramp;
import tanah.core.design.WaterPart;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.WaterEdit;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of land and water and applies it to a design. */
@Component
public class WaterEdits {
    /** Parts that are no ids of the document. */
    public static final String BODY = "water";

    public static final String TAP = "tap";
    public static final String CHANGES = "changes";

    private final Catalogues catalogues;
    private final DamEdits dams;
    private final DeviceEdits devices;
    private final NumberEdit numbers;
    private final PartNames names;
    private final Words words;
    private final Edits edits;

    WaterEdits(
            Catalogues catalogues,
            DamEdits dams,
            DeviceEdits devices,
            NumberEdit numbers,
            PartNames names,
            Words words,
            Edits edits) {
        this.edits = edits;
        this.dams = dams;
        this.devices = devices;
        this.numbers = numbers;
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    public EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (form.opWord().equals("make")) {
            return make(design, errors);
        }
        if (form.opWord().equals("remove")
                && design.ground().dams().stream().anyMatch(d -> d.id().equals(form.partId()))) {
            return apply(design, form.as("dam-remove"), keeper, errors);
        }
        if (form.opWord().startsWith("dam-")) {
            return design.ground().dams().stream()
                    .filter(d -> d.id().equals(form.partId()))
                    .findFirst()
                    .map(d -> dams.apply(design, d, form, errors))
                    .orElseGet(() -> gone(design, errors));
        }
        if (design.water().isEmpty()) {
            return gone(design, errors);
        }
        if (devices.knows(design, form)) {
            return devices.apply(design, form, errors);
        }
        if (form.opWord().startsWith("ramp-")) {
            return design.water().get().ramps().stream()
                    .filter(r -> r.id().equals(form.partId()))
                    .findFirst()
                    .map(r -> ramp(design, r, form, errors))
                    .orElseGet(() -> gone(design, errors));
        }
        return water(design, design.water().get(), form, errors);
    }

    private static EditOutcome gone(Design design, FieldErrors errors) {
        errors.add("form", "error.part.gone");
        return EditOutcome.none(design, "");
    }

    private EditOutcome make(Design design, FieldErrors errors) {
        boolean there = design.water().isPresent();
        return edits.attempt(new AddEdit.MakeWater(), design, errors, "form")
                .map(made ->
                        there ? EditOutcome.none(design, BODY) : new EditOutcome(made, words.of("edit.water"), BODY))
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    private EditOutcome water(Design design, WaterPart w, EditForm form, FieldErrors errors) {
        List<NumberField> all = switch (form.partId()) {
            case TAP -> WaterFields.TAP;
            case CHANGES -> WaterFields.CHANGES;
            default -> WaterFields.BODY;
        };
        Optional<NumberField> number = NumberField.named(form.opWord(), all);
        if (number.isPresent()) {
            NumberField field = number.get();
            OptionalDouble value = field.read(form, errors);
            OptionalDouble stood = WaterFields.number(field).of(w);
            return numbers.apply(
                    design,
                    form,
                    field,
                    name(design, form.partId()),
                    stood,
                    value,
                    errors,
                    () -> new WaterEdit.SetNumber(WaterFields.number(field), value));
        }
        return switch (form.opWord()) {
            case "wicking" ->
                new EditOutcome(
                        changed(
                                design,
                                new WaterEdit.AllowWicking(form.valueText().equals("true"))),
                        words.of(form.valueText().equals("true") ? "edit.wet_soil" : "edit.dry_soil"),
                        BODY);
            case "chloramine" ->
                new EditOutcome(
                        changed(
                                design,
                                new WaterEdit.BindChlorine(form.valueText().equals("true"))),
                        words.of("edit.tap"),
                        TAP);
            case "add-ramp" -> addRamp(design, errors);
            case "add-pool", "add-islet" -> addBody(design, form.opWord().equals("add-islet"), errors);
            case "drain" ->
                new EditOutcome(
                        changed(design, new WaterEdit.Drain()), words.of("edit.removed", words.of("part.water")), "");
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, form.partId());
            }
        };
    }

    private EditOutcome addBody(Design design, boolean islet, FieldErrors errors) {
        return edits.attempt(islet ? new AddEdit.AddIslet() : new AddEdit.AddPool(), design, errors, "form")
                .map(made -> new EditOutcome(made, words.of(islet ? "edit.islet" : "edit.pool"), BODY))
                .orElseGet(() -> EditOutcome.none(design, BODY));
    }

    private EditOutcome addRamp(Design design, FieldErrors errors) {
        return edits.attempt(new AddEdit.AddRamp(), design, errors, "form")
                .map(made -> {
                    List<Ramp> ramps = made.water().orElseThrow().ramps();
                    String id = ramps.get(ramps.size() - 1).id();
                    return new EditOutcome(made, words.of("edit.laid", words.of("part.ramp")), id);
                })
                .orElseGet(() -> EditOutcome.none(design, BODY));
    }

    private EditOutcome ramp(Design design, Ramp ramp, EditForm form, FieldErrors errors) {
        Optional<NumberField> number = NumberField.named(form.opWord(), WaterFields.RAMP);
        if (number.isPresent()) {
            NumberField field = number.get();
            OptionalDouble value = field.read(form, errors);
            double v = value.orElse(0);
            if (errors.isEmpty() && WaterFields.ramp(field).leadsDown(ramp, v)) {
                errors.add(field.op() + "-" + ramp.id(), "error.ramp.upside");
            }
            return numbers.apply(
                    design,
                    form,
                    field,
                    name(design, form.partId()),
                    OptionalDouble.of(WaterFields.ramp(field).of(ramp)),
                    value,
                    errors,
                    () -> new WaterEdit.SetRamp(ramp.id(), WaterFields.ramp(field), v));
        }
        return switch (form.opWord()) {
            case "ramp-rough" ->
                new EditOutcome(
                        changed(
                                design,
                                new WaterEdit.RoughenRamp(
                                        ramp.id(), form.valueText().equals("true"))),
                        words.of(form.valueText().equals("true") ? "edit.rough" : "edit.smooth"),
                        ramp.id());
            case "ramp-remove" ->
                new EditOutcome(
                        changed(design, new WaterEdit.RemoveRamp(ramp.id())),
                        words.of("edit.removed", words.of("part.ramp")),
                        BODY);
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, ramp.id());
            }
        };
    }

    private Design changed(Design design, WaterEdit edit) {
        return edits.apply(edit, design);
    }

    private String name(Design design, String part) {
        return switch (part) {
            case TAP -> words.of("part.tap");
            case CHANGES -> words.of("part.changes");
            default -> names.of(part, design, catalogues.of(design));
        };
    }
}
