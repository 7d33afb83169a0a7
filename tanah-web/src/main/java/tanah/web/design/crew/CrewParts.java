package tanah.web.design.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.CrewModel;
import tanah.core.cleanup.Cleanup;
import tanah.core.cleanup.RefugeOnFloor;
import tanah.core.crew.CrewYear;
import tanah.core.design.CrewChoice;
import tanah.core.design.edit.CrewEdit;
import tanah.core.evaluate.Evaluation;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.design.words.PartNames;
import tanah.web.forms.HandMeasures;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** What is set as a crew, and what becomes of waste and litter, as rows. */
@Component
class CrewParts {
    private static final String THIN = "\u2009";
    private static final int[] SHOWN = {28, 90, 180, 365}; // days

    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;

    CrewParts(Catalogues catalogues, PartNames names, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    List<PartView> of(Evaluation e, String selected) {
        List<PartView> rows = new ArrayList<>();
        Catalogue catalogue = catalogues.of(e.design());
        List<CrewChoice.Dose> doses = e.design().crew().doses();
        for (CrewChoice.Dose dose : doses) {
            rows.add(dose(dose, e, catalogue, dose.id().equals(selected)));
        }
        List<CrewChoice.Refuge> places = e.design().crew().refuges();
        for (CrewChoice.Refuge place : places) {
            rows.add(place(place, e, catalogue, place.id().equals(selected)));
        }
        if (!rows.isEmpty()) {
            rows.add(care(e, selected.equals(CrewEdit.CARE)));
        }
        return rows;
    }

    private PartView dose(CrewChoice.Dose dose, Evaluation e, Catalogue catalogue, boolean selected) {
        Optional<Cleanup.Group> group = e.cleanup().stream()
                .flatMap(c -> c.doses().stream())
                .filter(g -> g.dose().id().equals(dose.id()))
                .findFirst();
        return new PartView(
                dose.id(),
                names.of(dose.id(), e.design(), catalogue),
                "litter",
                group.filter(g -> g.count() > 0)
                        .map(g -> Numbers.upTo(g.count(), 0))
                        .orElse(""),
                selected,
                selected ? fields(dose, catalogue) : List.of(),
                selected ? List.of(new PartView.Act("remove", "", words.of("pit.take_out"))) : List.of(),
                selected ? group.map(g -> numbers(g, e.cleanup().orElseThrow())).orElse(List.of()) : List.of(),
                selected ? cautions(catalogue.findCrew(dose.species())) : List.of());
    }

    /** A part of the floor that is kept damp or dry. */
    private PartView place(CrewChoice.Refuge place, Evaluation e, Catalogue catalogue, boolean selected) {
        Optional<RefugeOnFloor> lies = e.cleanup().stream()
                .flatMap(c -> c.refuges().stream())
                .filter(r -> r.refuge().id().equals(place.id()))
                .findFirst();
        return new PartView(
                place.id(),
                names.of(place.id(), e.design(), catalogue),
                place.damp() ? "damp" : "dry",
                lies.map(r -> percent(r.share())).orElse(""),
                selected,
                selected
                        ? CrewFields.PLACE.stream()
                                .map(f -> f.view(
                                        place.id(), CrewFields.placeNumber(f).of(place), words))
                                .toList()
                        : List.of(),
                selected ? List.of(new PartView.Act("remove", "", words.of("pit.take_out"))) : List.of(),
                selected ? lies.map(this::numbers).orElse(List.of()) : List.of(),
                selected ? List.of(words.of(place.damp() ? "refuge.damp.note" : "refuge.dry.note")) : List.of());
    }

    private List<NumberRow> numbers(RefugeOnFloor r) {
        List<NumberRow> rows = new ArrayList<>();
        rows.add(new NumberRow(words.of("refuge.row.share"), percent(r.share())));
        if (r.water() > 0) {
            rows.add(new NumberRow(words.of("refuge.row.water"), Numbers.volumeWithUnit(r.water())));
        }
        return rows;
    }

    private List<FieldView> fields(CrewChoice.Dose dose, Catalogue catalogue) {
        List<FieldView> fields = new ArrayList<>();
        List<FieldView.Option> kinds = new ArrayList<>();
        if (catalogue.findCrew(dose.species()).isEmpty()) {
            kinds.add(new FieldView.Option("", dose.species()));
        }
        catalogue.allCrew().stream()
                .sorted(Comparator.comparing(CrewStage::name))
                .forEach(c -> kinds.add(new FieldView.Option(c.id(), CrewStage.name(c))));
        fields.add(FieldView.choice("kind", dose.id(), words.of("plant.kind"), dose.species(), kinds));
        CrewFields.ALL.forEach(
                f -> fields.add(f.view(dose.id(), CrewFields.number(f).of(dose), words)));
        return fields;
    }

    private List<NumberRow> numbers(Cleanup.Group g, Cleanup c) {
        List<NumberRow> rows = new ArrayList<>();
        g.model()
                .filter(m -> m.names().type().equals("springtail"))
                .ifPresent(m -> rows.add(new NumberRow(
                        words.of("crew.row.cultures"), String.valueOf(HandMeasures.cultures(g.count())))));
        rows.add(new NumberRow(words.of("crew.row.lives"), percent(g.lives())));
        g.verdict()
                .ifPresent(v -> rows.add(new NumberRow(
                        words.of("crew.row.after"),
                        words.of("crew.verdict." + v.name().toLowerCase(Locale.ROOT)))));
        int index = index(g, c);
        for (int day : SHOWN) {
            if (index >= 0) {
                rows.add(new NumberRow(
                        words.of("crew.row.day", String.valueOf(day)),
                        Numbers.upTo(c.year().days().get(day).counts().get(index), 0)));
            }
        }
        return rows;
    }

    /** Where a kind stands among those that are followed through the year. */
    private static int index(Cleanup.Group g, Cleanup c) {
        List<Cleanup.Group> followed =
                c.doses().stream().filter(d -> d.verdict().isPresent()).toList();
        return followed.indexOf(g);
    }

    private static List<String> cautions(Optional<CrewModel> kind) {
        List<String> all = new ArrayList<>();
        kind.ifPresent(k -> {
            all.add(k.sustains());
            all.add(k.escape());
            k.note().ifPresent(all::add);
        });
        all.removeIf(String::isBlank);
        return all;
    }

    private PartView care(Evaluation e, boolean selected) {
        Optional<Cleanup> c = e.cleanup();
        return new PartView(
                CrewEdit.CARE,
                words.of("crew.care"),
                "humus",
                c.map(x -> percent(x.plan().spot())).orElse(""),
                selected,
                selected
                        ? List.of(CrewFields.SPOT.view(
                                CrewEdit.CARE, e.design().crew().spot(), words))
                        : List.of(),
                selected
                        ? List.of(
                                new PartView.Act("refuge", "damp", words.of("pit.crew.damp")),
                                new PartView.Act("refuge", "dry", words.of("pit.crew.dry")))
                        : List.of(),
                selected ? c.map(this::year).orElse(List.of()) : List.of());
    }

    private List<NumberRow> year(Cleanup c) {
        List<NumberRow> rows = new ArrayList<>();
        rows.add(new NumberRow(words.of("crew.row.waste"), grams(c.plan().waste())));
        rows.add(new NumberRow(
                words.of("crew.row.load"),
                words.of("crew.load." + c.load().name().toLowerCase(Locale.ROOT))));
        OptionalInt balance = c.balance();
        rows.add(new NumberRow(
                words.of("crew.row.balance"),
                balance.isPresent()
                        ? words.of("crew.day", String.valueOf(balance.getAsInt()))
                        : words.of("crew.never")));
        rows.add(new NumberRow(words.of("crew.row.spot"), percent(c.plan().spot())));
        rows.add(new NumberRow(
                words.of("crew.row.litter"),
                c.plan().litter() > 0
                        ? words.of("crew.litter", grams(c.plan().litter()), HandMeasures.cups(c.looseLitter()))
                        : grams(0)));
        OptionalDouble reserve = c.reserve();
        rows.add(new NumberRow(
                words.of("crew.row.reserve"),
                reserve.isPresent()
                        ? words.of("crew.days", Numbers.upTo(reserve.getAsDouble(), 0))
                        : words.of("crew.never")));
        c.topUp()
                .ifPresent(t -> rows.add(new NumberRow(
                        words.of("crew.row.top_up"),
                        words.of("crew.top_up", Numbers.upTo(t.day(), 0), Numbers.upTo(1000 * t.litter(), 0)))));
        c.mould()
                .seen()
                .ifPresent(s -> rows.add(new NumberRow(
                        words.of("crew.row.mould"),
                        words.of("crew.mould", Numbers.upTo(s.from(), 0), Numbers.upTo(s.to(), 0)))));
        for (int day : SHOWN) {
            CrewYear.Day d = c.year().days().get(day);
            rows.add(new NumberRow(
                    words.of("crew.row.at", String.valueOf(day)),
                    words.of("crew.row.at.is", grams(d.litter()), grams(d.waste()))));
        }
        return rows;
    }

    private static String percent(double share) {
        return Numbers.upTo(100 * share, 0) + THIN + "%";
    }

    private static String grams(double kilograms) {
        double g = 1000 * kilograms;
        return Numbers.upTo(g, g < 10 ? 2 : 0) + THIN + "g";
    }
}
