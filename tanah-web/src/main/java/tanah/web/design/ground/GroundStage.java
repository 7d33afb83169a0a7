package tanah.web.design.ground;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Medium;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.Surface;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.Choices;
import tanah.web.design.edit.EditedStage;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.shell.Words;
import tanah.web.svg.SheetText.Handle;

/** Stage 3: layers, slopes, mixes. */
@Component
class GroundStage extends EditedStage {
    private final LayerParts parts;
    private final Choices options;
    private final PartNames names;
    private final Catalogues catalogues;
    private final Words words;

    GroundStage(
            GroundEdits edits, LayerParts parts, Choices options, PartNames names, Catalogues catalogues, Words words) {
        super(Stage.GROUND, edits::apply, (e, part) -> List.of());
        this.parts = parts;
        this.options = options;
        this.names = names;
        this.catalogues = catalogues;
        this.words = words;
    }

    @Override
    public Choices.Choice choices(Catalogue catalogue, long keeper) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        groups.put("pit.mixes", new ArrayList<>());
        groups.put("pit.drainage", new ArrayList<>());
        groups.put("pit.single_materials", new ArrayList<>());
        catalogue.allMixes().forEach(m -> groups.get("pit.mixes").add(Choices.option(m.id(), m.name())));
        catalogue.allMedia().stream()
                .filter(m -> m.isLoose() && m.grain() != Medium.Grain.VOID)
                .forEach(m -> groups.get(m.kind().equals("drainage") ? "pit.drainage" : "pit.single_materials")
                        .add(Choices.option(m.id(), m.name())));
        String singles =
                String.join("", groups.get("pit.single_materials")) + String.join("", groups.get("pit.drainage"));
        return options.grouped(groups, singles);
    }

    @Override
    public String selected(Design design, String asked) {
        List<Layer> layers = design.ground().layers();
        if (design.ground().layer(asked).isPresent() || layers.isEmpty()) {
            return asked;
        }
        return layers.stream()
                .filter(l ->
                        l.is(Layer.Kind.SUBSTRATE) && !l.options().aquatic().orElse(false))
                .reduce((a, b) -> b)
                .orElse(layers.get(layers.size() - 1))
                .id();
    }

    @Override
    public List<LayerView> rows(Evaluation e, String part) {
        return parts.of(e, part);
    }

    @Override
    public String template() {
        return "design/pit";
    }

    @Override
    public List<Handle> handles(Evaluation e, String part) {
        return e.vessel().flatMap(v -> layerHandle(e, part, v)).map(List::of).orElse(List.of());
    }

    private Optional<Handle> layerHandle(Evaluation e, String part, Vessel vessel) {
        return e.design()
                .ground()
                .layer(part)
                .filter(l -> !(l.surface() instanceof Surface.Profile))
                .flatMap(l -> e.ground().orElseThrow().layer(l.id()))
                .filter(r -> r.shape().exists())
                .map(r -> new Handle(
                        r.id(),
                        "depth",
                        words.of("sheet.depth_of", names.of(r.id(), e.design(), catalogues.of(e.design()))),
                        cm(r.shape().meanDepth()),
                        0.5,
                        cm(vessel.height()),
                        Numbers.lengthWithUnit(r.shape().meanDepth()),
                        Handle.Axis.LEFT,
                        Double.NaN));
    }

    private static double cm(double metres) {
        return Unit.CENTIMETRE.fromSi(metres);
    }
}
