package tanah.web.design;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tanah.core.build.Packs;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.DrainageRule;
import tanah.core.ground.LayerResult;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.Textures;
import tanah.core.units.Unit;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.svg.SheetSvg;
import tanah.web.svg.SheetText;

/** Puts a stage page together from an evaluation. */
@Component
public class DesignPages {
    private static final String THIN = "\u2009";

    private final Catalogue catalogue;
    private final EnclosureService enclosures;
    private final Strata strata;
    private final Ledger ledger;
    private final Notes notes;
    private final FindingWords words;
    private final PartNames names;
    private final Clock clock;

    DesignPages(
            Catalogue catalogue,
            EnclosureService enclosures,
            Strata strata,
            Ledger ledger,
            Notes notes,
            FindingWords words,
            PartNames names,
            Clock clock) {
        this.catalogue = catalogue;
        this.enclosures = enclosures;
        this.strata = strata;
        this.ledger = ledger;
        this.notes = notes;
        this.words = words;
        this.names = names;
        this.clock = clock;
    }

    public DesignView view(long keeperId, Enclosure enclosure, Evaluation e, Stage stage, SheetOptions options) {
        String base = "/enclosures/" + enclosure.id();
        List<NoteView> noted = notes.of(e, catalogue, base);
        Map<Severity, Long> tally = new EnumMap<>(Severity.class);
        for (Severity severity : Severity.values()) {
            tally.put(severity, e.count(severity));
        }
        OffsetDateTime now = OffsetDateTime.now(clock);
        String part = selected(e.design(), options);
        double width = e.vessel().map(v -> v.width()).orElse(0.0);
        OptionalDouble typed =
                options.cut() == null ? OptionalDouble.empty() : Quantity.parse(options.cut(), Quantity.Kind.LENGTH);
        double cut = Math.max(0, Math.min(width, typed.orElse(width / 2)));
        return new DesignView(
                enclosure.id(),
                e.design().name(),
                latin(e),
                enclosure.revision(),
                Ledger.when(enclosure.savedAt(), now),
                strata.of(e, base, stage),
                layers(e, part),
                e.design().school(DrainageRule.CHOICE).orElse(""),
                sheet(e, noted, part, cut, options),
                ledger.of(e, enclosures.newest(keeperId, enclosure.id(), 4), now),
                noted,
                tally,
                e.notAssessed().stream()
                        .map(NotAssessed::topic)
                        .distinct()
                        .map(words::gap)
                        .toList(),
                options,
                Unit.CENTIMETRE.fromSi(cut),
                totals(e));
    }

    /** The animals with their number, for heads. */
    public static String latin(Evaluation e) {
        return e.animals().stream()
                .map(a -> a.row().scientificName() + ", "
                        + (a.resident().count() == 1
                                ? "one"
                                : "group of " + a.resident().count()))
                .reduce((a, b) -> a + "; " + b)
                .orElse("no animal chosen");
    }

    private static String selected(Design design, SheetOptions options) {
        List<Layer> layers = design.ground().layers();
        boolean known = design.ground().layer(options.partOrNone()).isPresent();
        if (known || layers.isEmpty()) {
            return options.partOrNone();
        }
        return layers.stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .reduce((a, b) -> b)
                .orElse(layers.get(layers.size() - 1))
                .id();
    }

    private List<LayerView> layers(Evaluation e, String selected) {
        List<LayerView> rows = new ArrayList<>();
        for (Layer layer : e.design().ground().layers()) {
            rows.add(layer(layer, e, layer.id().equals(selected)));
        }
        Collections.reverse(rows);
        return rows;
    }

    private LayerView layer(Layer layer, Evaluation e, boolean selected) {
        String form = layer.surface() instanceof Surface.Slope
                ? "slope"
                : layer.surface() instanceof Surface.Profile ? "fixed" : "depth";
        Surface.Slope slope = layer.surface() instanceof Surface.Slope s ? s : new Surface.Slope(0, 0);
        double typed = layer.surface() instanceof Surface.Thickness t ? t.thickness() : 0;
        LayerResult result = e.ground().flatMap(g -> g.layer(layer.id())).orElse(null);
        double mean = result == null ? typed : result.shape().meanDepth();
        return new LayerView(
                layer.id(),
                layer.kind().name().toLowerCase(Locale.ROOT),
                names.layer(layer, catalogue),
                e.ground()
                        .map(g -> Textures.of(layer, g).name().toLowerCase(Locale.ROOT))
                        .orElse("void"),
                layer.media().orElse(null) instanceof Recipe.Named named ? named.id() : "",
                form,
                Numbers.upTo(Unit.CENTIMETRE.fromSi(typed > 0 ? typed : mean), 2),
                Numbers.upTo(Unit.CENTIMETRE.fromSi(slope.front()), 2),
                Numbers.upTo(Unit.CENTIMETRE.fromSi(slope.back()), 2),
                text(layer.options().bagVolume(), Unit.LITRE),
                text(layer.options().bagPrice(), Unit.COUNT),
                layer.options().hasMesh(),
                result == null ? List.of() : numbers(result, packs(result)),
                result == null || result.components().size() < 2
                        ? List.of()
                        : result.components().stream()
                                .map(c -> new LayerView.Row(
                                        catalogue.groundName(c.media()), Numbers.litres(c.loose()) + THIN + "L"))
                                .toList(),
                selected);
    }

    private static String text(OptionalDouble value, Unit unit) {
        return value.isPresent() ? Numbers.upTo(unit.fromSi(value.getAsDouble()), 2) : "";
    }

    /** The cheapest whole packs of a layer of one material; a mix has its packs in the buy list. */
    private String packs(LayerResult r) {
        if (r.components().size() != 1 || r.bags().isPresent()) {
            return "";
        }
        return Packs.cheapest(r.loose(), catalogue.packsOf(r.components().get(0).media()))
                .map(choice -> choice.picks().stream()
                        .map(p -> p.count() + " × " + Numbers.litres(p.pack().amount()) + THIN + "L")
                        .collect(Collectors.joining(" + ")))
                .orElse("");
    }

    private static List<LayerView.Row> numbers(LayerResult r, String packs) {
        List<LayerView.Row> rows = new ArrayList<>();
        rows.add(new LayerView.Row("Volume", Numbers.litres(r.shape().volume()) + THIN + "L"));
        if (r.shape().maxDepth() - r.shape().minDepth() > 5e-4) {
            rows.add(new LayerView.Row(
                    "Depth, least to most",
                    Numbers.centimetres(r.shape().minDepth()) + "–"
                            + Numbers.centimetres(r.shape().maxDepth()) + THIN + "cm"));
        }
        rows.add(new LayerView.Row("Depth, mean", Numbers.centimetres(r.shape().meanDepth()) + THIN + "cm"));
        if (r.loose() > 0) {
            rows.add(new LayerView.Row("To buy, loose", Numbers.litres(r.loose()) + THIN + "L"));
        }
        r.bags()
                .ifPresent(b -> rows.add(new LayerView.Row(
                        "Bags", b.count() + ", " + Numbers.litres(b.leftOver()) + THIN + "L left over")));
        rows.add(new LayerView.Row("Dry", Numbers.kilograms(r.dryMass()) + THIN + "kg"));
        rows.add(new LayerView.Row("Wet, drained", Numbers.kilograms(r.wetMass()) + THIN + "kg"));
        if (r.cost() > 0) {
            rows.add(new LayerView.Row("Cost, mid price", Numbers.fixed(r.cost(), 2)));
        }
        return rows;
    }

    private static String totals(Evaluation e) {
        return e.ground()
                .map(g -> Numbers.litres(g.bulk()) + THIN + "L in all, surface " + Numbers.centimetres(g.surfaceMin())
                        + "–" + Numbers.centimetres(g.surfaceMax()) + THIN + "cm")
                .orElse("");
    }

    /** The scene of a design, or empty without a vessel. */
    public java.util.Optional<Scene> scene(Evaluation e, OptionalDouble cut) {
        return e.vessel().map(vessel -> {
            double mesh = e.design()
                    .vessel()
                    .flatMap(VesselPlan::lid)
                    .map(l -> l.meshFraction().orElse(0))
                    .orElseGet(() -> e.design()
                            .vessel()
                            .flatMap(VesselPlan::catalogue)
                            .flatMap(catalogue::findVessel)
                            .map(m -> m.lidMesh())
                            .orElse(0.0));
            return SceneBuilder.build(e.design(), vessel, e.ground().orElseThrow(), e.animals(), mesh, cut);
        });
    }

    private String sheet(Evaluation e, List<NoteView> noted, String part, double cut, SheetOptions options) {
        return scene(e, OptionalDouble.of(cut))
                .map(scene -> SheetSvg.draw(
                        scene, text(e, noted, part, cut), options.width(), options.height(), options.viewOrBoth()))
                .orElse("");
    }

    private SheetText text(Evaluation e, List<NoteView> noted, String part, double cut) {
        Map<String, SheetText.Caption> captions = new HashMap<>();
        e.ground().orElseThrow().layers().forEach(r -> captions.put(r.id(), caption(r, e)));
        e.design()
                .hardscape()
                .forEach(h ->
                        captions.put(h.id(), new SheetText.Caption(h.name().orElse(h.id()), "")));
        e.design().probes().forEach(p -> captions.put(p.id(), new SheetText.Caption(p.label(), "")));
        e.design().ground().dams().forEach(d -> captions.put(d.id(), new SheetText.Caption("Dam", "")));
        List<SheetText.Peg> pegs = noted.stream()
                .filter(n -> !n.letter().isEmpty())
                .map(n -> new SheetText.Peg(
                        n.key().substring(n.key().indexOf('@') + 1),
                        n.letter(),
                        n.severity(),
                        n.word() + " " + n.letter() + ": " + n.title()))
                .toList();
        return new SheetText(
                "Section and plan of " + e.design().name(),
                description(e),
                captions,
                pegs,
                part,
                handles(e, part),
                "Section A–A′",
                Numbers.upTo(Unit.CENTIMETRE.fromSi(cut), 1) + THIN + "cm from the front",
                "Plan",
                n -> n + " more layers");
    }

    private SheetText.Caption caption(LayerResult r, Evaluation e) {
        String name = names.of(r.id(), e.design(), catalogue);
        String depth = r.shape().maxDepth() - r.shape().minDepth() < 5e-4
                ? Numbers.centimetres(r.shape().meanDepth())
                : Numbers.centimetres(r.shape().minDepth()) + "–"
                        + Numbers.centimetres(r.shape().maxDepth());
        return new SheetText.Caption(
                name,
                depth + THIN + "cm · " + Numbers.litres(r.shape().volume()) + THIN + "L · "
                        + Numbers.kilograms(r.wetMass()) + THIN + "kg");
    }

    private List<SheetText.Handle> handles(Evaluation e, String part) {
        return e.design().ground().layer(part).stream()
                .filter(l -> !(l.surface() instanceof Surface.Profile))
                .flatMap(l -> e.ground().orElseThrow().layer(l.id()).stream())
                .filter(r -> r.shape().exists())
                .map(r -> new SheetText.Handle(
                        r.id(),
                        "Depth of " + names.of(r.id(), e.design(), catalogue),
                        Unit.CENTIMETRE.fromSi(r.shape().meanDepth()),
                        Unit.CENTIMETRE.fromSi(e.vessel().orElseThrow().height())))
                .toList();
    }

    private String description(Evaluation e) {
        StringBuilder text = new StringBuilder("Front section, ");
        e.vessel()
                .ifPresent(v -> text.append(Numbers.centimetres(v.length()))
                        .append(" by ")
                        .append(Numbers.centimetres(v.height()))
                        .append(" cm inside. From the base: "));
        List<String> parts = e.ground().orElseThrow().layers().stream()
                .map(r -> names.of(r.id(), e.design(), catalogue) + " "
                        + Numbers.centimetres(r.shape().meanDepth()) + " cm")
                .toList();
        text.append(parts.isEmpty() ? "nothing" : String.join(", ", parts)).append('.');
        e.ground()
                .flatMap(g -> g.water())
                .ifPresent(w -> text.append(" Water to ")
                        .append(Numbers.centimetres(w.level()))
                        .append(" cm."));
        return text.toString();
    }
}
