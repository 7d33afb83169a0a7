package tanah.web.design.stage;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.AirPlan;
import tanah.core.design.HardscapeItem;
import tanah.core.design.PieceMove;
import tanah.core.design.Solids;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.ground.LayerResult;
import tanah.core.scene.PlantFigure;
import tanah.core.scene.Scene;
import tanah.core.scene.SceneBuilder;
import tanah.core.scene.SideView;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.DesignStage;
import tanah.web.design.notes.NoteView;
import tanah.web.design.overlay.ClimateLook;
import tanah.web.design.overlay.ClimateSheet;
import tanah.web.design.overlay.SheetOptions;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.SheetClimate;
import tanah.web.svg.SheetPlants;
import tanah.web.svg.SheetSvg;
import tanah.web.svg.SheetText;
import tanah.web.svg.SheetText.Handle;

/** Draws the section and the plan of a stage with its words, pegs and handles. */
@Component
public class StageSheet {
    private static final String WATER = "water"; // the open water, a part without an id in the document
    private static final String THIN = "\u2009";

    private final Catalogues catalogues;
    private final PartNames names;
    private final Words words;
    private final ClimateSheet climate;
    private final Map<Stage, DesignStage> stages = new EnumMap<>(Stage.class);

    StageSheet(Catalogues catalogues, PartNames names, ClimateSheet climate, List<DesignStage> stages, Words words) {
        stages.forEach(s -> this.stages.put(s.stage(), s));
        this.climate = climate;
        this.catalogues = catalogues;
        this.names = names;
        this.words = words;
    }

    /**
     * How it is looked at.
     *
     * @param stage   that is open
     * @param part    selected, or empty
     * @param cut     distance of the section from the front (m)
     * @param options views and size
     * @param mayChange whether the one who looks may move anything
     */
    record Look(Stage stage, String part, double cut, SheetOptions options, boolean mayChange) {}

    String of(Evaluation e, List<NoteView> noted, Look look) {
        return scene(e, OptionalDouble.of(look.cut()), look.options().isSide())
                .map(scene -> SheetSvg.draw(
                        scene,
                        text(e, noted, look),
                        look.options().width(),
                        look.options().height(),
                        look.options().viewOrBoth(),
                        over(e, look),
                        plants(e, look.options())))
                .orElse("");
    }

    /** Plants after a year, as pictures without a slider show them. */
    public SheetPlants plants(Evaluation e) {
        return e.ground().isEmpty() ? SheetPlants.NONE : plants(e, SheetOptions.sized("section", 0, 0));
    }

    private SheetPlants plants(Evaluation e, SheetOptions options) {
        return new SheetPlants(
                PlantFigure.of(
                        e.design(),
                        e.ground().orElseThrow(),
                        catalogues.of(e.design()),
                        e.planted(),
                        options.grownFor()),
                options.grownFor(),
                options.isSide());
    }

    private Optional<SheetClimate> over(Evaluation e, Look look) {
        boolean side = look.options().isSide();
        return climate.of(
                        e,
                        ClimateLook.of(look.options(), look.stage(), e.design().heat()),
                        look.cut(),
                        side,
                        look.stage(),
                        look.part())
                .or(() -> climate.plain(e, side));
    }

    /** The scene of a design, or empty without a vessel. */
    public Optional<Scene> scene(Evaluation e, OptionalDouble cut) {
        return scene(e, cut, false);
    }

    private Optional<Scene> scene(Evaluation e, OptionalDouble cut, boolean side) {
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
            return side
                    ? SideView.build(
                            e.design(), vessel, e.ground().orElseThrow(), e.circulation(), e.animals(), mesh, cut)
                    : SceneBuilder.build(
                            e.design(), vessel, e.ground().orElseThrow(), e.circulation(), e.animals(), mesh, cut);
        });
    }

    private SheetText text(Evaluation e, List<NoteView> noted, Look look) {
        List<SheetText.Peg> pegs = noted.stream()
                .filter(n -> !n.letter().isEmpty())
                .map(n -> new SheetText.Peg(
                        n.key().substring(n.key().indexOf('@') + 1),
                        n.letter(),
                        n.severity(),
                        n.word() + " " + n.letter() + ": " + n.title()))
                .toList();
        return new SheetText(
                words.of("sheet.title", e.design().name()),
                description(e),
                captions(e),
                pegs,
                look.part(),
                look.stage().word(),
                look.mayChange() && !look.options().isSide(),
                handles(e, look),
                words.of(look.options().isSide() ? "sheet.side" : "sheet.section"),
                words.of(
                        look.options().isSide() ? "sheet.side_cut" : "sheet.cut",
                        Numbers.lengthUpTo(look.cut(), 1) + THIN + Numbers.lengthUnit()),
                look.options().isSide() ? words.of("sheet.side_ends") : "",
                words.of("sheet.plan"),
                n -> words.of("sheet.more", String.valueOf(n)));
    }

    private Map<String, SheetText.Caption> captions(Evaluation e) {
        Catalogue catalogue = catalogues.of(e.design());
        Map<String, SheetText.Caption> captions = new HashMap<>();
        e.ground().orElseThrow().layers().forEach(r -> captions.put(r.id(), layer(r, e)));
        e.design().hardscape().forEach(h -> captions.put(h.id(), piece(h, catalogue)));
        e.design().plants().forEach(p -> captions.put(p.id(), named(p.id(), e)));
        e.design().probes().forEach(p -> captions.put(p.id(), new SheetText.Caption(p.label(), "")));
        e.design().ground().dams().forEach(d -> captions.put(d.id(), named(d.id(), e)));
        e.design().devices().forEach(d -> captions.put(d.id(), named(d.id(), e)));
        e.design()
                .air()
                .flatMap(AirPlan::mist)
                .ifPresent(m -> m.nozzles().forEach(n -> captions.put(n.id(), named(n.id(), e))));
        e.design().vessel().map(VesselPlan::envelope).ifPresent(v -> {
            v.vents().forEach(o -> captions.put(o.id(), named(o.id(), e)));
            v.insulation().forEach(o -> captions.put(o.id(), named(o.id(), e)));
        });
        captions.put("reader", new SheetText.Caption(words.of("climate.reader"), ""));
        e.design().water().ifPresent(w -> {
            captions.put(WATER, named(WATER, e));
            w.ramps().forEach(r -> captions.put(r.id(), named(r.id(), e)));
            w.features().forEach(f -> captions.put(f.id(), named(f.id(), e)));
        });
        return captions;
    }

    private SheetText.Caption named(String part, Evaluation e) {
        return new SheetText.Caption(names.of(part, e.design(), catalogues.of(e.design())), "");
    }

    private SheetText.Caption piece(HardscapeItem item, Catalogue catalogue) {
        PieceMove.Box box = PieceMove.box(item);
        OptionalDouble mass = Solids.mass(item, catalogue);
        String size = Numbers.lengthUpTo(box.length(), 1) + " × " + Numbers.lengthUpTo(box.width(), 1) + " × "
                + Numbers.lengthUpTo(item.height(), 1) + THIN + Numbers.lengthUnit();
        return new SheetText.Caption(
                names.piece(item, catalogue),
                mass.isPresent() ? size + " · " + Numbers.massWithUnit(mass.getAsDouble()) : size);
    }

    private SheetText.Caption layer(LayerResult r, Evaluation e) {
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

    private List<Handle> handles(Evaluation e, Look look) {
        DesignStage stage = stages.get(look.stage());
        if (!look.mayChange() || stage == null) {
            return List.of();
        }
        // along the side the shore does not lie along the drawing
        return stage.handles(e, look.part()).stream()
                .filter(h -> !look.options().isSide() || h.axis() != Handle.Axis.ALONG)
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
        String ground = parts.isEmpty() ? words.of("sheet.nothing") : String.join(", ", parts);
        String water = e.ground()
                .flatMap(g -> g.water())
                .map(w -> " " + words.of("sheet.water_to", Numbers.lengthWithUnit(w.level())))
                .orElse("");
        String pieces = e.design().hardscape().isEmpty()
                ? ""
                : " "
                        + words.of(
                                "sheet.pieces",
                                String.valueOf(e.design().hardscape().size()));
        return words.of("sheet.description", box, ground) + water + pieces;
    }
}
