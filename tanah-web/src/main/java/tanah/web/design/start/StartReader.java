package tanah.web.design.start;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Species;
import tanah.core.catalogue.VesselModel;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.Ids;
import tanah.core.design.OtherFields;
import tanah.core.design.Resident;
import tanah.core.design.RoomPlan;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.PlanEdit;
import tanah.core.units.Unit;
import tanah.core.vessel.Material;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.Edits;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.forms.Quantity.Kind;

/** Turns the start form into a design, noting what is wrong field by field. Parts that are wrong stay as they were. */
@Component
class StartReader {
    private static final int MOST = 500;

    private final Catalogues catalogues;
    private final Edits edits;

    StartReader(Catalogues catalogues, Edits edits) {
        this.catalogues = catalogues;
        this.edits = edits;
    }

    /**
     * The design with the form's animal, vessel and room put in; parts with errors are left as they were, and a number
     * that still reads as it was shown keeps its stored value to the last digit, in whatever unit it was shown.
     */
    Design read(StartForm form, Design before, FieldErrors errors) {
        Design design = before;
        String name = form.get("name").strip();
        if (!name.isEmpty() && name.length() <= 80) {
            design = edits.apply(new PlanEdit.Rename(name), design);
        } else if (name.length() > 80) {
            errors.add("name", "error.name.long");
        }
        design = animal(form, design, errors);
        Optional<VesselPlan> vessel = vessel(form, design, errors);
        if (vessel.isPresent()) {
            design = edits.apply(new PlanEdit.UseVessel(vessel.get()), design);
        }
        Optional<RoomPlan> room = room(form, design, errors);
        return room.isPresent() ? edits.apply(new PlanEdit.UseRoom(room.get()), design) : design;
    }

    /** The species of the form, among those that the design is offered. */
    Optional<Species> species(StartForm form, Design design) {
        return catalogues.of(design).findSpecies(form.get("species"));
    }

    private Design animal(StartForm form, Design design, FieldErrors errors) {
        Optional<Species> species = species(form, design);
        if (species.isEmpty()) {
            if (!form.get("species").isEmpty()) {
                errors.add("species", "error.species.unknown");
            }
            return design;
        }
        OptionalInt count = whole("count", form.get("count"), 1, MOST, errors);
        OptionalInt males =
                form.get("males").isBlank() ? OptionalInt.empty() : whole("males", form.get("males"), 0, MOST, errors);
        OptionalDouble length =
                errors.optional("lengthCm", form.get("lengthCm"), Kind.LENGTH, 0.001, 6, Unit.CENTIMETRE);
        if (males.orElse(0) > count.orElse(MOST)) {
            errors.add("males", "error.males.more", count.orElse(0));
            males = OptionalInt.empty();
        }
        Resident old = design.animals().stream()
                .filter(a -> a.species().equals(species.get().id()))
                .findFirst()
                .orElseGet(() -> Resident.one(
                        Ids.free(design.withAnimals(List.of()), "animal"),
                        species.get().id()));
        StartForm shown = StartForms.of(design, "", StartForm.blank());
        if (shown.get("lengthCm").equals(form.get("lengthCm"))) {
            length = old.length();
        }
        Resident changed = new Resident(
                old.id(),
                old.species(),
                count.orElse(old.count()),
                males,
                length.isPresent() ? OptionalDouble.empty() : old.ageMonths(),
                length,
                old.mass(),
                old.origin(),
                old.overrides());
        return edits.apply(new PlanEdit.KeepFirst(changed), design);
    }

    private Optional<VesselPlan> vessel(StartForm form, Design design, FieldErrors errors) {
        Optional<VesselPlan.Structure> structure = structure(form, design, errors);
        String chosen = form.get("vessel");
        if (chosen.equals("kept")) {
            return design.vessel().map(v -> {
                boolean bare = v.structure().isEmpty() && structure.isEmpty();
                return bare ? v : v.withStructure(structure.orElse(VesselPlan.Structure.NONE));
            });
        }
        if (!chosen.equals("own")) {
            Optional<VesselModel> model =
                    catalogues.of(design).findVessel(chosen).filter(VesselModel::fitsDesign);
            if (model.isEmpty() && !chosen.isEmpty()) {
                errors.add("vessel", "error.vessel.unknown");
            }
            return model.map(m -> Boxes.fromCatalogue(m, structure));
        }
        return own(form, structure, errors);
    }

    private Optional<VesselPlan> own(StartForm form, Optional<VesselPlan.Structure> structure, FieldErrors errors) {
        boolean outside = form.get("measured").equals("outside");
        OptionalDouble length = side("length", form, errors);
        OptionalDouble width = side("width", form, errors);
        OptionalDouble height = side("height", form, errors);
        OptionalDouble pane = outside
                ? errors.required("pane", form.get("pane"), Kind.THICKNESS, 0.0005, 0.04, Unit.MILLIMETRE)
                : errors.optional("pane", form.get("pane"), Kind.THICKNESS, 0.0005, 0.04, Unit.MILLIMETRE);
        OptionalDouble label = errors.optional("label", form.get("label"), Kind.VOLUME, 1e-4, 10, Unit.LITRE);
        if (length.isEmpty() || width.isEmpty() || height.isEmpty() || (outside && pane.isEmpty())) {
            return Optional.empty();
        }
        VesselPlan.Measures measures =
                VesselPlan.Measures.box(length.getAsDouble(), width.getAsDouble(), height.getAsDouble());
        VesselPlan plan = new VesselPlan(
                Optional.empty(),
                Optional.of(VesselPlan.Shape.RECTANGLE),
                outside ? Optional.of(measures) : Optional.empty(),
                outside ? Optional.empty() : Optional.of(measures),
                pane,
                OptionalDouble.empty(),
                Optional.of(material(form.get("material"))),
                label(form.get("label"), label),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                structure,
                Envelope.PLAIN,
                OtherFields.NONE);
        try {
            Boxes.resolve(plan, catalogues.shipped());
        } catch (IllegalArgumentException e) {
            errors.add("pane", "error.pane.thick");
            return Optional.empty();
        }
        return Optional.of(plan);
    }

    private static OptionalDouble side(String field, StartForm form, FieldErrors errors) {
        double least = field.equals("height") ? 0.05 : 0.10;
        return errors.required(field, form.get(field), Kind.LENGTH, least, 4, Unit.CENTIMETRE);
    }

    private static Optional<VesselPlan.LabelText> label(String text, OptionalDouble litres) {
        if (litres.isEmpty()) {
            return Optional.empty();
        }
        // a bare "gal" is kept as it was written: the core asks which gallon it is
        String plain = Quantity.plain(text);
        if (plain.endsWith("gal")) {
            double gallons = Quantity.parse(plain.replace("gal", ""), Kind.NUMBER)
                    .orElse(Unit.US_GALLON.fromSi(litres.getAsDouble()));
            return Optional.of(new VesselPlan.LabelText(gallons, VesselPlan.LabelUnit.GAL));
        }
        VesselPlan.LabelUnit unit = plain.endsWith("galus")
                ? VesselPlan.LabelUnit.GAL_US
                : plain.endsWith("galimp") ? VesselPlan.LabelUnit.GAL_IMP : VesselPlan.LabelUnit.L;
        return Optional.of(new VesselPlan.LabelText(unit.unit().fromSi(litres.getAsDouble()), unit));
    }

    private static Material material(String word) {
        for (Material material : Material.values()) {
            if (material.name().toLowerCase(Locale.ROOT).equals(word)) {
                return material;
            }
        }
        return Material.GLASS_ANNEALED;
    }

    private static Optional<VesselPlan.Structure> structure(StartForm form, Design design, FieldErrors errors) {
        OptionalDouble stand = errors.optional("stand", form.get("stand"), Kind.MASS, 1, 5000, Unit.KILOGRAM);
        VesselPlan.Structure old =
                design.vessel().map(VesselPlan::structureOrNone).orElse(VesselPlan.Structure.NONE);
        if (StartForms.of(design, "", StartForm.blank()).get("stand").equals(form.get("stand"))) {
            stand = old.capacity();
        }
        VesselPlan.Structure changed = new VesselPlan.Structure(old.fittings(), old.stand(), stand, old.kept());
        return changed.equals(VesselPlan.Structure.NONE) ? Optional.empty() : Optional.of(changed);
    }

    private static Optional<RoomPlan> room(StartForm form, Design design, FieldErrors errors) {
        OptionalDouble winterNight = celsius("winterNight", form, errors);
        OptionalDouble winterDay = celsius("winterDay", form, errors);
        OptionalDouble summerDay = celsius("summerDay", form, errors);
        OptionalDouble summerNight = celsius("summerNight", form, errors);
        OptionalDouble driest = errors.required("driest", form.get("driest"), Kind.SHARE, 0.01, 1, Unit.PERCENT);
        OptionalDouble dampest = errors.required("dampest", form.get("dampest"), Kind.SHARE, 0.01, 1, Unit.PERCENT);
        if (winterNight.isEmpty()
                || winterDay.isEmpty()
                || summerDay.isEmpty()
                || summerNight.isEmpty()
                || driest.isEmpty()
                || dampest.isEmpty()) {
            return Optional.empty();
        }
        double dry = Math.min(driest.getAsDouble(), dampest.getAsDouble());
        double damp = Math.max(driest.getAsDouble(), dampest.getAsDouble());
        if (design.room().isEmpty()) {
            return Optional.of(new RoomPlan(
                    new RoomPlan.Season(winterDay.getAsDouble(), winterNight.getAsDouble(), dry, dry),
                    new RoomPlan.Season(summerDay.getAsDouble(), summerNight.getAsDouble(), damp, damp),
                    OptionalDouble.empty(),
                    OtherFields.NONE));
        }
        // what the keeper did not touch keeps its stored value, humidity its own day and night
        RoomPlan old = design.room().get();
        StartForm shown = StartForms.of(design, "", StartForm.blank());
        boolean sameDry = shown.get("driest").equals(form.get("driest"));
        boolean sameDamp = shown.get("dampest").equals(form.get("dampest"));
        return Optional.of(new RoomPlan(
                new RoomPlan.Season(
                        kept("winterDay", form, shown, old.winter().tempDay(), winterDay),
                        kept("winterNight", form, shown, old.winter().tempNight(), winterNight),
                        sameDry ? old.winter().humidityDay() : dry,
                        sameDry ? old.winter().humidityNight() : dry),
                new RoomPlan.Season(
                        kept("summerDay", form, shown, old.summer().tempDay(), summerDay),
                        kept("summerNight", form, shown, old.summer().tempNight(), summerNight),
                        sameDamp ? old.summer().humidityDay() : damp,
                        sameDamp ? old.summer().humidityNight() : damp),
                old.givenBand(),
                old.kept()));
    }

    private static double kept(String field, StartForm form, StartForm shown, double old, OptionalDouble typed) {
        return shown.get(field).equals(form.get(field)) ? old : typed.orElse(old);
    }

    private static OptionalDouble celsius(String field, StartForm form, FieldErrors errors) {
        return errors.required(field, form.get(field), Kind.TEMPERATURE, -10, 45, Unit.CELSIUS);
    }

    static OptionalInt whole(String field, String text, int min, int max, FieldErrors errors) {
        OptionalDouble value = errors.required(field, text, Kind.NUMBER, min, max, Unit.COUNT);
        if (value.isEmpty()) {
            return OptionalInt.empty();
        }
        if (value.getAsDouble() != Math.rint(value.getAsDouble())) {
            errors.add(field, "error.number.whole");
            return OptionalInt.empty();
        }
        return OptionalInt.of((int) value.getAsDouble());
    }
}
