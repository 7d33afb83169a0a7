package tanah.web.design.planting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.PlantModel;
import tanah.core.design.PlantPiece;
import tanah.core.evaluate.Evaluation;
import tanah.core.plant.Growth;
import tanah.core.plant.Plant;
import tanah.core.plant.Reach;
import tanah.core.plant.RootPlace;
import tanah.core.planting.PlantFit;
import tanah.core.planting.Planted;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.FieldView;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.edit.PartView;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;

/** The plants of a design as rows with their fields. */
@Component
class PlantParts {
    private static final String THIN = "\u2009";
    private static final double YEAR = 12; // months
    private static final int OFFERED = 6;
    private static final double GOOD = 0.5;

    private final Catalogues catalogues;
    private final PartNames names;
    private final SpotRows spots;
    private final Words words;

    PlantParts(Catalogues catalogues, PartNames names, SpotRows spots, Words words) {
        this.catalogues = catalogues;
        this.names = names;
        this.spots = spots;
        this.words = words;
    }

    List<PartView> of(Evaluation e, String selected) {
        List<PartView> rows = new ArrayList<>();
        List<PlantPiece> plants = e.design().plants();
        for (int i = 0; i < plants.size(); i++) {
            rows.add(part(plants.get(i), i + 1, e, plants.get(i).id().equals(selected)));
        }
        return rows;
    }

    private PartView part(PlantPiece plant, int number, Evaluation e, boolean selected) {
        Catalogue catalogue = catalogues.of(e.design());
        Optional<Planted.Piece> piece = e.planted().flatMap(p -> p.piece(plant.id()));
        Optional<PlantModel> kind = plant.kind().flatMap(catalogue::findPlant);
        return new PartView(
                plant.id(),
                number + THIN + THIN + names.plant(plant, catalogue),
                "moss",
                piece.flatMap(Planted.Piece::fit).map(this::does).orElse(""),
                selected,
                selected ? fields(plant, kind, catalogue) : List.of(),
                selected
                        ? List.of(
                                new PartView.Act("copy", "", words.of("act.copy")),
                                new PartView.Act("remove", "", words.of("pit.take_out")))
                        : List.of(),
                selected ? numbers(piece, kind) : List.of(),
                selected ? cautions(kind) : List.of(),
                selected ? offers(e, piece) : List.of());
    }

    private String does(PlantFit fit) {
        return percent(fit.score());
    }

    private static String percent(OptionalDouble share) {
        return share.isPresent() ? Numbers.upTo(100 * share.getAsDouble(), 0) + THIN + "%" : "";
    }

    private List<FieldView> fields(PlantPiece plant, Optional<PlantModel> kind, Catalogue catalogue) {
        List<FieldView> fields = new ArrayList<>();
        List<FieldView.Option> kinds = new ArrayList<>();
        if (kind.isEmpty()) {
            kinds.add(new FieldView.Option("", words.of("plant.unidentified")));
        }
        catalogue.allPlants().stream()
                .sorted(java.util.Comparator.comparing(PlantModel::commonName))
                .forEach(p -> kinds.add(new FieldView.Option(p.id(), PlantingStage.name(p))));
        fields.add(FieldView.choice(
                "kind",
                plant.id(),
                words.of("plant.kind"),
                kind.map(PlantModel::id).orElse(""),
                kinds));
        fields.add(FieldView.text(
                "name", plant.id(), words.of("field.name"), plant.name().orElse("")));
        PlantFields.ALL.forEach(
                f -> fields.add(f.view(plant.id(), PlantFields.number(f).of(plant), words)));
        List<FieldView.Option> media = new ArrayList<>();
        for (RootPlace on : RootPlace.values()) {
            String word = on.name().toLowerCase(Locale.ROOT);
            media.add(new FieldView.Option(word, words.of("rootplace." + word)));
        }
        fields.add(FieldView.choice(
                "medium",
                plant.id(),
                words.of("field.medium"),
                plant.medium().name().toLowerCase(Locale.ROOT),
                media));
        List<FieldView.Option> reaches = new ArrayList<>();
        for (Reach reach : Reach.values()) {
            String word = reach.name().toLowerCase(Locale.ROOT);
            reaches.add(new FieldView.Option(word, words.of("reach." + word)));
        }
        fields.add(FieldView.choice(
                "reach",
                plant.id(),
                words.of("field.reach"),
                plant.reach().name().toLowerCase(Locale.ROOT),
                reaches));
        return fields;
    }

    private List<NumberRow> numbers(Optional<Planted.Piece> piece, Optional<PlantModel> kind) {
        List<NumberRow> rows = new ArrayList<>();
        piece.flatMap(Planted.Piece::fit).ifPresent(fit -> {
            if (fit.score().isPresent()) {
                rows.add(new NumberRow(
                        words.of("plant.row.does"),
                        words.of("plant.between", percent(fit.score()), percent(fit.low()), percent(fit.high()))));
            }
            fit.suitability()
                    .limiting()
                    .ifPresent(c -> rows.add(new NumberRow(
                            words.of("plant.row.limit"),
                            words.of("criterion." + c.name().toLowerCase(Locale.ROOT)))));
        });
        piece.filter(p -> p.place().isPresent() && kind.isPresent() && p.fit().isPresent())
                .ifPresent(p -> rows.addAll(spots.of(
                        p.place().orElseThrow(),
                        kind.orElseThrow().needs(),
                        p.fit().orElseThrow())));
        piece.ifPresent(p -> p.growth().ifPresent(g -> grown(p, g, rows)));
        return rows;
    }

    /** How large it is in a year, how it settles, and when it is cut back under what hangs over it. */
    private void grown(Planted.Piece p, Growth g, List<NumberRow> rows) {
        Plant plant = p.kind().orElseThrow().needs();
        if (plant.acclimation().weeks() > 0) {
            rows.add(new NumberRow(
                    words.of("plant.row.settles"),
                    words.of(
                            "plant.settles",
                            Numbers.upTo(plant.acclimation().weeks(), 0),
                            percent(OptionalDouble.of(plant.acclimation().loss())))));
        }
        OptionalDouble over = p.place()
                .orElseThrow()
                .spot(p.fit().orElseThrow().worst(), plant)
                .headroom();
        if (plant.prunable() && over.isPresent()) {
            rows.add(new NumberRow(
                    words.of("plant.row.cut"),
                    g.heightUnder(over.getAsDouble()).map(this::cut).orElseGet(() -> words.of("plant.cut.never"))));
        }
        rows.add(new NumberRow(
                words.of("plant.row.year"),
                words.of(
                        "plant.size",
                        Numbers.lengthUpTo(g.height(YEAR), 0),
                        Numbers.lengthUpTo(g.spread(YEAR), 0) + THIN + Numbers.lengthUnit())));
    }

    private String cut(Growth.Pruning cut) {
        String every = Numbers.upTo(cut.interval(), 0);
        return cut.first() > 0
                ? words.of("plant.cut", Numbers.upTo(cut.first(), 0), every)
                : words.of("plant.cut.now", every);
    }

    /** What has to be known of a kind before it is planted. */
    private List<String> cautions(Optional<PlantModel> kind) {
        List<String> all = new ArrayList<>();
        kind.ifPresent(k -> {
            all.add(k.handling().wash());
            if (k.isLittleKnown()) {
                all.add(words.of("plant.little_data"));
            }
        });
        return all;
    }

    /** What would live at its place, best first. */
    private List<PartView.Offer> offers(Evaluation e, Optional<Planted.Piece> piece) {
        if (e.planted().isEmpty() || piece.isEmpty() || piece.get().place().isEmpty()) {
            return List.of();
        }
        PlantPiece p = piece.get().piece();
        return e.planted().get().candidates(p.medium(), p.x().orElse(0), p.y().orElse(0), p.z(), p.reach()).stream()
                .filter(c -> c.fit().score().orElse(0) >= GOOD)
                .filter(c -> !p.kind().equals(Optional.of(c.kind().id())))
                .limit(OFFERED)
                .map(c -> new PartView.Offer(
                        "kind",
                        c.kind().id(),
                        c.kind().commonName(),
                        c.kind().scientificName(),
                        percent(c.fit().score()),
                        c.fit()
                                .suitability()
                                .limiting()
                                .map(l -> words.of("criterion." + l.name().toLowerCase(Locale.ROOT)))
                                .orElse("")))
                .toList();
    }
}
