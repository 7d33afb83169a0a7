package tanah.web.design.planting;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Ids;
import tanah.core.design.PlantPiece;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.PlantEdit;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.PlantSearch;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.edit.TypedName;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;

/** Reads one edit of the planting and applies it to a design. */
@Component
class PlantEdits {
    private static final int LONGEST_NAME = 80;
    private static final TypedName<PlantModel> NAMES = new TypedName<>(PlantingStage::name, "error.plant.unknown");

    private final Catalogues catalogues;
    private final PlantSearch search;
    private final PartNames names;
    private final Words words;
    private final NumberEdit numbers;
    private final Edits edits;

    PlantEdits(
            Catalogues catalogues, PlantSearch search, PartNames names, Words words, NumberEdit numbers, Edits edits) {
        this.catalogues = catalogues;
        this.search = search;
        this.names = names;
        this.words = words;
        this.numbers = numbers;
        this.edits = edits;
    }

    EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors) {
        if (form.opWord().equals("add")) {
            return add(design, form.valueText().strip(), keeper, errors);
        }
        if (form.opWord().equals("plant-at")) {
            return plantAt(design, form, keeper, errors);
        }
        Optional<PlantPiece> found = design.plant(form.partId());
        if (found.isEmpty()) {
            errors.add("form", "error.plant.gone");
            return EditOutcome.none(design, "");
        }
        Optional<NumberField> number = PlantFields.of(form.opWord());
        return number.isPresent()
                ? number(design, found.get(), number.get(), form, errors)
                : other(design, found.get(), form, keeper, errors);
    }

    private EditOutcome other(Design design, PlantPiece plant, EditForm form, long keeper, FieldErrors errors) {
        String value = form.valueText().strip();
        return switch (form.opWord()) {
            case "name" -> name(design, plant, value, errors);
            case "kind" -> kind(design, plant, value, keeper, errors);
            case "medium" -> medium(design, plant, value, errors);
            case "reach" -> reach(design, plant, value, errors);
            case "move" -> moved(design, plant, form, errors);
            case "copy" -> copy(design, plant, errors);
            case "remove" ->
                new EditOutcome(
                        edits.apply(new PlantEdit.Remove(plant.id()), design),
                        words.of("edit.removed", named(plant, design)),
                        "");
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, plant.id());
            }
        };
    }

    private EditOutcome add(Design design, String typed, long keeper, FieldErrors errors) {
        Optional<PlantModel> kind = kind(typed, keeper, "add", errors);
        return kind.flatMap(k -> edits.attempt(new AddEdit.AddPlant(k.id()), design, errors, "add")
                        .map(made -> new EditOutcome(
                                made,
                                words.of("edit.planted", k.commonName()),
                                made.plants().get(made.plants().size() - 1).id())))
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    /** At the reader: what it holds to in the part, from the left and from the front (m) in the other. */
    private EditOutcome plantAt(Design design, EditForm form, long keeper, FieldErrors errors) {
        String[] place = form.otherText().split(" ");
        OptionalDouble x = Quantity.parse(place[0], Quantity.Kind.NUMBER);
        OptionalDouble y = place.length < 2 ? x : Quantity.parse(place[1], Quantity.Kind.NUMBER);
        Optional<RootPlace> on = RootPlaces.of(form.partId());
        if (x.isEmpty() || y.isEmpty() || on.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, "");
        }
        return kind(form.valueText().strip(), keeper, "form", errors)
                .flatMap(k -> edits.attempt(
                                new PlantEdit.PlantAt(k.id(), on.get(), x.getAsDouble(), y.getAsDouble()),
                                design,
                                errors,
                                "form")
                        .map(made -> new EditOutcome(
                                made,
                                words.of("edit.planted", k.commonName()),
                                made.plants().get(made.plants().size() - 1).id())))
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    private Optional<PlantModel> kind(String typed, long keeper, String field, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(keeper);
        return NAMES.of(
                typed, catalogue.findPlant(typed), catalogue.allPlants(), search.find(typed, catalogue), field, errors);
    }

    private EditOutcome number(Design design, PlantPiece plant, NumberField field, EditForm form, FieldErrors errors) {
        return numbers.typed(
                design,
                form,
                bounded(design, field),
                named(plant, design),
                PlantFields.number(field).of(plant),
                errors,
                value -> new PlantEdit.SetNumber(plant.id(), PlantFields.number(field), value));
    }

    /** A plant stands inside the box. */
    private NumberField bounded(Design design, NumberField field) {
        return design.vessel()
                .map(v -> Boxes.resolve(v, catalogues.of(design)))
                .map(v -> switch (field.op()) {
                    case "x" -> field.upTo(v.length());
                    case "y" -> field.upTo(v.width());
                    case "z" -> field.upTo(v.height());
                    default -> field;
                })
                .orElse(field);
    }

    private EditOutcome name(Design design, PlantPiece plant, String value, FieldErrors errors) {
        if (value.length() > LONGEST_NAME) {
            errors.add("name-" + plant.id(), "error.name.long");
            return EditOutcome.none(design, plant.id());
        }
        Optional<String> name = value.isEmpty() ? Optional.empty() : Optional.of(value);
        return act(
                design, new PlantEdit.NamePlant(plant.id(), name), words.of("edit.named", named(plant, design), value));
    }

    private EditOutcome kind(Design design, PlantPiece plant, String value, long keeper, FieldErrors errors) {
        return kind(value, keeper, "kind-" + plant.id(), errors)
                .map(k -> act(
                        design,
                        new PlantEdit.ChooseKind(plant.id(), k.id()),
                        named(plant, design) + " → " + k.commonName()))
                .orElseGet(() -> EditOutcome.none(design, plant.id()));
    }

    private EditOutcome medium(Design design, PlantPiece plant, String value, FieldErrors errors) {
        Optional<RootPlace> on = RootPlaces.of(value);
        if (on.isPresent()) {
            return act(
                    design,
                    new PlantEdit.Root(plant.id(), on.get()),
                    words.of("edit.rooted", named(plant, design), words.of("rootplace." + value)));
        }
        errors.add("medium-" + plant.id(), "error.choice");
        return EditOutcome.none(design, plant.id());
    }

    private EditOutcome reach(Design design, PlantPiece plant, String value, FieldErrors errors) {
        for (Reach reach : Reach.values()) {
            if (reach.name().toLowerCase(Locale.ROOT).equals(value)) {
                return act(
                        design,
                        new PlantEdit.SetReach(plant.id(), reach),
                        words.of("edit.reach", named(plant, design), words.of("reach." + value)));
            }
        }
        errors.add("reach-" + plant.id(), "error.choice");
        return EditOutcome.none(design, plant.id());
    }

    /** Dragged in the plan. */
    private EditOutcome moved(Design design, PlantPiece plant, EditForm form, FieldErrors errors) {
        OptionalDouble x = Quantity.parse(form.valueText(), Quantity.Kind.LENGTH);
        OptionalDouble y = Quantity.parse(form.otherText(), Quantity.Kind.LENGTH);
        if (x.isEmpty() || y.isEmpty()) {
            errors.add("form", "error.edit.unknown");
            return EditOutcome.none(design, plant.id());
        }
        return act(
                design,
                new PlantEdit.Move(plant.id(), x.getAsDouble(), y.getAsDouble()),
                words.of("edit.moved", named(plant, design)));
    }

    private EditOutcome copy(Design design, PlantPiece plant, FieldErrors errors) {
        String twin = Ids.free(design, "plant");
        return edits.attempt(new PlantEdit.Copy(plant.id(), twin), design, errors, "form")
                .map(made -> new EditOutcome(made, words.of("edit.twice", named(plant, design)), twin))
                .orElseGet(() -> EditOutcome.none(design, plant.id()));
    }

    private EditOutcome act(Design design, PlantEdit edit, String summary) {
        return new EditOutcome(edits.apply(edit, design), summary, edit.plant());
    }

    private String named(PlantPiece plant, Design design) {
        return names.plant(plant, catalogues.of(design));
    }
}
