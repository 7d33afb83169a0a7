package tanah.web.design.crew;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.edit.AddEdit;
import tanah.core.design.edit.CrewEdit;
import tanah.web.catalogue.Catalogues;
import tanah.web.catalogue.CrewSearch;
import tanah.web.design.edit.EditForm;
import tanah.web.design.edit.EditOutcome;
import tanah.web.design.edit.Edits;
import tanah.web.design.edit.NumberEdit;
import tanah.web.design.edit.NumberField;
import tanah.web.design.edit.TypedName;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** Reads one edit of the crew and applies it to a design. */
@Component
class CrewEdits {
    private static final TypedName<CrewModel> NAMES = new TypedName<>(CrewStage::name, "error.crew.unknown");

    private final Catalogues catalogues;
    private final CrewSearch search;
    private final PartNames names;
    private final Words words;
    private final NumberEdit numbers;
    private final Edits edits;
    private final RefugeEdits places;

    CrewEdits(
            Catalogues catalogues,
            CrewSearch search,
            PartNames names,
            Words words,
            NumberEdit numbers,
            Edits edits,
            RefugeEdits places) {
        this.places = places;
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
        if (form.opWord().equals("spot")) {
            return spot(design, form, errors);
        }
        if (form.opWord().equals("refuge")) {
            return refuge(design, form.valueText().equals("damp"), errors);
        }
        Optional<CrewChoice.Refuge> place = design.crew().refuges().stream()
                .filter(r -> r.id().equals(form.partId()))
                .findFirst();
        if (place.isPresent()) {
            return places.apply(design, place.get(), form, errors);
        }
        Optional<CrewChoice.Dose> found = design.crew().doses().stream()
                .filter(d -> d.id().equals(form.partId()))
                .findFirst();
        if (found.isEmpty()) {
            errors.add("form", "error.crew.gone");
            return EditOutcome.none(design, "");
        }
        CrewChoice.Dose dose = found.get();
        Optional<NumberField> number = CrewFields.of(form.opWord());
        if (number.isPresent()) {
            return numbers.typed(
                    design,
                    form,
                    number.get(),
                    named(dose, design),
                    CrewFields.number(number.get()).of(dose),
                    errors,
                    value -> new CrewEdit.SetNumber(dose.id(), CrewFields.number(number.get()), value));
        }
        return switch (form.opWord()) {
            case "kind" -> kind(design, dose, form.valueText().strip(), keeper, errors);
            case "remove" ->
                new EditOutcome(
                        edits.apply(new CrewEdit.Remove(dose.id()), design),
                        words.of("edit.removed", named(dose, design)),
                        "");
            default -> {
                errors.add("form", "error.edit.unknown");
                yield EditOutcome.none(design, dose.id());
            }
        };
    }

    private EditOutcome refuge(Design design, boolean damp, FieldErrors errors) {
        return edits.attempt(new AddEdit.AddRefuge(damp), design, errors, "form")
                .map(made -> {
                    List<CrewChoice.Refuge> all = made.crew().refuges();
                    return new EditOutcome(
                            made,
                            words.of(damp ? "edit.refuge.damp" : "edit.refuge.dry"),
                            all.get(all.size() - 1).id());
                })
                .orElseGet(() -> EditOutcome.none(design, CrewEdit.CARE));
    }

    private EditOutcome spot(Design design, EditForm form, FieldErrors errors) {
        OptionalDouble before = design.crew().spot();
        return numbers.typed(
                design, form, CrewFields.SPOT, words.of("crew.care"), before, errors, CrewEdit.SetSpot::new);
    }

    private EditOutcome add(Design design, String typed, long keeper, FieldErrors errors) {
        return kind(typed, keeper, "add", errors)
                .flatMap(k -> edits.attempt(new CrewEdit.AddDose(k.id()), design, errors, "add")
                        .map(made -> new EditOutcome(
                                made,
                                words.of("edit.set_crew", k.names().common()),
                                made.crew()
                                        .doses()
                                        .get(made.crew().doses().size() - 1)
                                        .id())))
                .orElseGet(() -> EditOutcome.none(design, ""));
    }

    private EditOutcome kind(Design design, CrewChoice.Dose dose, String value, long keeper, FieldErrors errors) {
        return kind(value, keeper, "kind-" + dose.id(), errors)
                .map(k -> new EditOutcome(
                        edits.apply(new CrewEdit.ChooseSpecies(dose.id(), k.id()), design),
                        named(dose, design) + " → " + k.names().common(),
                        dose.id()))
                .orElseGet(() -> EditOutcome.none(design, dose.id()));
    }

    private Optional<CrewModel> kind(String typed, long keeper, String field, FieldErrors errors) {
        Catalogue catalogue = catalogues.of(keeper);
        return NAMES.of(
                typed, catalogue.findCrew(typed), catalogue.allCrew(), search.find(typed, catalogue), field, errors);
    }

    private String named(CrewChoice.Dose dose, Design design) {
        return names.of(dose.id(), design, catalogues.of(design));
    }
}
