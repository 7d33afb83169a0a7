package tanah.core.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Medium;
import tanah.core.catalogue.Range;
import tanah.core.design.Layer;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Loose grains of a size that is swallowed with food, where they lie open: caution, stop while the animal is shorter
 * than 0.6 of an adult. The sizes of a young mouth are those of a grown one times the share of the length (common practice); the
 * ones it grows into stay a caution. A component counts from a tenth of the settled volume on.
 */
public final class SwallowRule {
    public static final RuleId ID = new RuleId("ground.swallow_risk");
    private static final double LEAST_SHARE = 0.10;
    private static final double LEAST_OPEN = 0.01; // share of the floor

    private SwallowRule() {}

    public static List<Finding> judge(Inhabitant animal, List<Layer> layers, GroundResult result) {
        Optional<Range> grown = animal.profile().swallowRisk();
        if (grown.isEmpty() || layers.isEmpty()) {
            return List.of();
        }
        Range now = atItsSize(animal, grown.get());
        List<Finding> findings = new ArrayList<>();
        for (Layer layer : layers) {
            Optional<Soil> soil = result.soil(layer.id());
            if (soil.isPresent() && isOpen(layer.id(), result.terrain())) {
                layer(animal, layer, soil.get(), now, grown.get()).ifPresent(findings::add);
            }
        }
        if (findings.isEmpty()) {
            findings.add(Finding.of(
                            ID,
                            Severity.GOOD,
                            Place.of(Stage.GROUND),
                            List.of(
                                    size("from", now.min()),
                                    size("to", grown.get().max())),
                            List.of())
                    .worded("", animal.row().scientificName()));
        }
        return findings;
    }

    private static Range atItsSize(Inhabitant animal, Range grown) {
        double share = animal.isYoung() ? animal.lengthShare() : 1;
        return new Range(share * grown.min(), share * grown.max());
    }

    /** What it swallows now, else what it grows into. */
    private static Optional<Finding> layer(Inhabitant animal, Layer layer, Soil soil, Range now, Range grown) {
        Optional<Medium> soon = worst(soil, now);
        if (soon.isPresent()) {
            String words = animal.isYoung() ? "young" : "";
            Severity severity = animal.isYoung() ? Severity.STOP : Severity.CAUTION;
            return Optional.of(finding(animal, layer, soon.get(), now, severity, words));
        }
        return worst(soil, grown).map(m -> finding(animal, layer, m, grown, Severity.CAUTION, "grows"));
    }

    private static Optional<Medium> worst(Soil soil, Range risk) {
        Medium found = null;
        double share = LEAST_SHARE;
        for (Soil.Part part : soil.parts()) {
            if (part.settledShare() >= share && risk.contains(part.medium().grainSize())) {
                found = part.medium();
                share = part.settledShare();
            }
        }
        return Optional.ofNullable(found);
    }

    private static boolean isOpen(String layer, Terrain terrain) {
        double open = 0;
        double all = 0;
        for (Cell cell : terrain.cells()) {
            all += cell.plan().area();
            List<Slab> slabs = cell.slabs();
            if (!slabs.isEmpty() && slabs.get(slabs.size() - 1).layer().equals(layer)) {
                open += cell.plan().area();
            }
        }
        return open > LEAST_OPEN * all;
    }

    private static Finding finding(
            Inhabitant animal, Layer layer, Medium medium, Range risk, Severity severity, String words) {
        return Finding.of(
                        ID,
                        severity,
                        Place.part(Stage.GROUND, layer.id()),
                        List.of(size("grain", medium.grainSize()), size("from", risk.min()), size("to", risk.max())),
                        List.of(Remedy.byHand("cover-grains")))
                .worded(words, animal.row().scientificName(), medium.name());
    }

    private static Measure size(String name, double metres) {
        return new Measure(name, metres, Unit.MILLIMETRE);
    }
}
