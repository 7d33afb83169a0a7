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
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Recipe;
import tanah.core.design.Surface;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.NotAssessed;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.ground.LayerResult;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.Textures;
import tanah.core.school.Schools;
import tanah.core.units.Unit;
import tanah.web.catalogue.Catalogues;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.forms.Numbers;
import tanah.web.forms.Quantity;
import tanah.web.shell.Words;
import tanah.web.svg.SheetSvg;
import tanah.web.svg.SheetText;

/** Puts a stage page together from an evaluation. */
@Component
public class DesignPages {
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final EnclosureService enclosures;
    private final Strata strata;
    private final Ledger ledger;
    private final Notes notes;
    private final FindingWords words;
    private final PartNames names;
    private final PageHead head;
    private final Words common;
    private final Clock clock;

    DesignPages(
            Catalogues catalogues,
            EnclosureService enclosures,
            Strata strata,
            Ledger ledger,
            Notes notes,
            FindingWords words,
            PartNames names,
            PageHead head,
            Words common,
            Clock clock) {
        this.catalogues = catalogues;
        this.enclosures = enclosures;
        this.strata = strata;
        this.ledger = ledger;
        this.notes = notes;
        this.words = words;
        this.names = names;
        this.head = head;
        this.common = common;
        this.clock = clock;
    }

    public DesignView view(long keeperId, Enclosure enclosure, Evaluation e, Stage stage, SheetOptions options) {
        String base = "/enclosures/" + enclosure.id();
        List<NoteView> noted = notes.of(e, catalogues.of(e.design()), base);
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
                head.latin(e),
                enclosure.revision(),
                Ledger.when(enclosure.savedAt(), now),
                strata.of(e, base, stage),
                layers(e, part),
                Schools.of(e.design(), catalogues.of(e.design())).stream()
                        .map(s -> new DesignView.SchoolLine(
                                s.id(),
                                Schools.current(e.design(), s, catalogues.of(e.design())),
                                s.options().size()))
                        .toList(),
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
                DesignPages.shownDepth(cut),
                totals(e),
                enclosure.role().mayChange(),
                enclosure.undo(),
                enclosure.redo());
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
                names.layer(layer, catalogues.of(e.design())),
                e.ground()
                        .map(g -> Textures.of(layer, g).name().toLowerCase(Locale.ROOT))
                        .orElse("void"),
                layer.media().orElse(null) instanceof Recipe.Named named ? named.id() : "",
                form,
                shownDepth(typed > 0 ? typed : mean),
                shownDepth(slope.front()),
                shownDepth(slope.back()),
                layer.options().bagVolume().isPresent()
                        ? Numbers.upTo(
                                Numbers.volume(layer.options().bagVolume().getAsDouble()), 2)
                        : "",
                layer.options().bagPrice().isPresent()
                        ? Numbers.upTo(layer.options().bagPrice().getAsDouble(), 2)
                        : "",
                layer.options().hasMesh(),
                result == null ? List.of() : numbers(result, packs(result)),
                result == null || result.components().size() < 2
                        ? List.of()
                        : result.components().stream()
                                .map(c -> new LayerView.Row(
                                        catalogues.of(e.design()).groundName(c.media()),
                                        Numbers.volumeWithUnit(c.loose())))
                                .toList(),
                selected);
    }

    /** A depth as its field shows it. */
    static String shownDepth(double metres) {
        return Numbers.upTo(Numbers.length(metres), 2);
    }

    /** The cheapest whole packs of a layer of one material; a mix has its packs in the buy list. */
    private String packs(LayerResult r) {
        if (r.components().size() != 1 || r.bags().isPresent()) {
            return "";
        }
        return Packs.cheapest(
                        r.loose(),
                        catalogues.shipped().packsOf(r.components().get(0).media()))
                .map(choice -> choice.picks().stream()
                        .map(p -> p.count() + " × "
                                + Numbers.volumeWithUnit(p.pack().amount()))
                        .collect(Collectors.joining(" + ")))
                .orElse("");
    }

    private List<LayerView.Row> numbers(LayerResult r, String packs) {
        List<LayerView.Row> rows = new ArrayList<>();
        rows.add(new LayerView.Row(
                common.of("layer.volume"), Numbers.volumeWithUnit(r.shape().volume()), figure(r, "volume")));
        if (r.shape().maxDepth() - r.shape().minDepth() > 5e-4) {
            rows.add(new LayerView.Row(
                    common.of("layer.depths"),
                    Numbers.centimetres(r.shape().minDepth()) + "–"
                            + Numbers.lengthWithUnit(r.shape().maxDepth()),
                    figure(r, "depth")));
        }
        rows.add(new LayerView.Row(
                common.of("layer.depth"), Numbers.lengthWithUnit(r.shape().meanDepth()), figure(r, "depth")));
        if (r.loose() > 0) {
            rows.add(
                    new LayerView.Row(common.of("layer.loose"), Numbers.volumeWithUnit(r.loose()), figure(r, "loose")));
        }
        r.bags()
                .ifPresent(b -> rows.add(new LayerView.Row(
                        common.of("layer.bags"),
                        common.of(
                                "layer.bags.left", String.valueOf(b.count()), Numbers.volumeWithUnit(b.leftOver())))));
        rows.add(new LayerView.Row(common.of("layer.dry"), Numbers.massWithUnit(r.dryMass()), figure(r, "dry")));
        rows.add(new LayerView.Row(common.of("layer.wet"), Numbers.massWithUnit(r.wetMass()), figure(r, "wet")));
        if (r.cost() > 0) {
            rows.add(new LayerView.Row(
                    common.of("layer.cost"), Ledger.money(new Range(r.cost(), r.cost())), figure(r, "cost")));
        }
        return rows;
    }

    private static String figure(LayerResult r, String what) {
        return "layer." + r.id() + "." + what;
    }

    private String totals(Evaluation e) {
        return e.ground()
                .map(g -> common.of(
                        "layer.totals",
                        Numbers.volumeWithUnit(g.bulk()),
                        Numbers.centimetres(g.surfaceMin()) + "–" + Numbers.lengthWithUnit(g.surfaceMax())))
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
                            .flatMap(catalogues.of(e.design())::findVessel)
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
        e.design().ground().dams().forEach(d -> captions.put(d.id(), new SheetText.Caption(common.of("part.dam"), "")));
        List<SheetText.Peg> pegs = noted.stream()
                .filter(n -> !n.letter().isEmpty())
                .map(n -> new SheetText.Peg(
                        n.key().substring(n.key().indexOf('@') + 1),
                        n.letter(),
                        n.severity(),
                        n.word() + " " + n.letter() + ": " + n.title()))
                .toList();
        return new SheetText(
                common.of("sheet.title", e.design().name()),
                description(e),
                captions,
                pegs,
                part,
                handles(e, part),
                common.of("sheet.section"),
                common.of("sheet.cut", Numbers.lengthUpTo(cut, 1) + THIN + Numbers.lengthUnit()),
                common.of("sheet.plan"),
                n -> common.of("sheet.more", String.valueOf(n)));
    }

    private SheetText.Caption caption(LayerResult r, Evaluation e) {
        String name = names.of(r.id(), e.design(), catalogues.of(e.design()));
        String depth = r.shape().maxDepth() - r.shape().minDepth() < 5e-4
                ? Numbers.centimetres(r.shape().meanDepth())
                : Numbers.centimetres(r.shape().minDepth()) + "–"
                        + Numbers.centimetres(r.shape().maxDepth());
        return new SheetText.Caption(
                name,
                depth + THIN + Numbers.lengthUnit() + " · "
                        + Numbers.volumeWithUnit(r.shape().volume()) + " · " + Numbers.massWithUnit(r.wetMass()));
    }

    private List<SheetText.Handle> handles(Evaluation e, String part) {
        return e.design().ground().layer(part).stream()
                .filter(l -> !(l.surface() instanceof Surface.Profile))
                .flatMap(l -> e.ground().orElseThrow().layer(l.id()).stream())
                .filter(r -> r.shape().exists())
                .map(r -> new SheetText.Handle(
                        r.id(),
                        common.of("sheet.depth_of", names.of(r.id(), e.design(), catalogues.of(e.design()))),
                        Unit.CENTIMETRE.fromSi(r.shape().meanDepth()),
                        Unit.CENTIMETRE.fromSi(e.vessel().orElseThrow().height()),
                        Numbers.lengthWithUnit(r.shape().meanDepth())))
                .toList();
    }

    private String description(Evaluation e) {
        String box = e.vessel()
                .map(v -> Numbers.centimetres(v.length()) + " × " + Numbers.lengthWithUnit(v.height()))
                .orElse("");
        List<String> parts = e.ground().orElseThrow().layers().stream()
                .map(r -> names.of(r.id(), e.design(), catalogues.of(e.design())) + " "
                        + Numbers.lengthWithUnit(r.shape().meanDepth()))
                .toList();
        String ground = parts.isEmpty() ? common.of("sheet.nothing") : String.join(", ", parts);
        String water = e.ground()
                .flatMap(g -> g.water())
                .map(w -> " " + common.of("sheet.water_to", Numbers.lengthWithUnit(w.level())))
                .orElse("");
        return common.of("sheet.description", box, ground) + water;
    }
}
