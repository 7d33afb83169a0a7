package tanah.core.animal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MeshModel;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.design.Envelope;
import tanah.core.design.VesselPlan;
import tanah.core.design.edit.AirEdit;
import tanah.core.design.edit.VentNumber;
import tanah.core.design.edit.WallEdit;
import tanah.core.finding.Finding;
import tanah.core.finding.Measure;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.RuleId;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.core.units.Unit;

/**
 * Ways out of the box against the widest gap that holds an animal: holes of the mesh in the lid, openings in the sides, and by a hint
 * what no plan shows (doors, cables, drains). A hole as wide as the limit lets it out; of a young one 0.6 of the limit counts. A mesh
 * of which nothing is known is not taken to be fine. Common practice.
 */
public final class WayOutRule {
    public static final RuleId LETS_OUT = new RuleId("vessel.opening");
    public static final RuleId GAPS = new RuleId("vessel.gaps");

    private static final double LARGE = 9; // m, a lid whose depth nobody wrote down
    private static final double OPEN = 0.99; // share of an opening that no mesh covers
    private static final double YOUNG = 0.6; // of the limit

    private WayOutRule() {}

    /**
     * @param part   of the plan
     * @param wide   widest hole (m); empty: nothing says it
     * @param meshed whether a mesh covers it
     * @param mend   what would close it, if a press can
     */
    private record Way(String part, OptionalDouble wide, boolean meshed, Optional<Remedy> mend) {}

    public static List<Finding> judge(Inhabitant animal, Design design, Catalogue catalogue) {
        double limit = limit(animal);
        if (limit <= 0 || design.vessel().isEmpty()) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        for (Way way : ways(design.vessel().get(), limit, catalogue)) {
            if (way.wide().isEmpty() || way.wide().getAsDouble() >= limit) {
                findings.add(finding(way, limit, animal));
            }
        }
        findings.add(Finding.of(
                        GAPS,
                        Severity.HINT,
                        Place.part(Stage.VESSEL, animal.id()),
                        List.of(new Measure("limit", limit, Unit.MILLIMETRE)),
                        List.of(Remedy.byHand("measure-gaps")))
                .worded("", animal.row().scientificName()));
        return findings;
    }

    /** The widest gap that holds it (m); 0 where nobody knows one. */
    static double limit(Inhabitant animal) {
        double grown = animal.profile().optional("gap_limit_mm").orElse(0) / 1000;
        return animal.isYoung() ? YOUNG * grown : grown;
    }

    private static List<Way> ways(VesselPlan plan, double limit, Catalogue catalogue) {
        List<Way> ways = new ArrayList<>();
        VesselPlan.Lid lid = plan.lid().orElse(VesselPlan.Lid.UNSAID);
        boolean open = lid.material().filter("none"::equals).isPresent();
        OptionalDouble mesh = lid.mesh().item().flatMap(catalogue::findMesh).stream()
                .mapToDouble(MeshModel::hole)
                .findFirst();
        Optional<Remedy> finer = finer(limit, catalogue);
        if (!open && Boxes.lidMesh(plan, catalogue) > 0) {
            ways.add(new Way("lid", mesh, true, finer));
        }
        for (Envelope.Vent vent : plan.envelope().vents()) {
            if (vent.open().orElse(1) <= 0) {
                continue;
            }
            if (vent.open().orElse(0) >= OPEN) {
                Remedy cover = Remedy.change(
                        "mesh-opening", new WallEdit.SetVent(vent.id(), VentNumber.OPEN, OptionalDouble.empty()));
                boolean holds = mesh.isPresent() && mesh.getAsDouble() < limit;
                ways.add(new Way(
                        vent.id(),
                        OptionalDouble.of(narrow(vent)),
                        false,
                        Optional.of(cover).filter(r -> holds)));
            } else {
                ways.add(new Way(vent.id(), mesh, true, finer));
            }
        }
        return ways;
    }

    /** What has to fit through an opening without a mesh: its shorter side (m). */
    private static double narrow(Envelope.Vent vent) {
        double height = vent.face() == Envelope.Face.LID
                ? vent.back().orElse(LARGE) - vent.front().orElse(0)
                : vent.height().orElse(0);
        return vent.from().isPresent() && vent.to().isPresent()
                ? Math.min(height, vent.to().getAsDouble() - vent.from().getAsDouble())
                : height;
    }

    /** The airiest mesh of the catalogue that holds the animal. */
    private static Optional<Remedy> finer(double limit, Catalogue catalogue) {
        return catalogue.allMeshes().stream()
                .filter(m -> m.hole() < limit)
                .max(Comparator.comparingDouble(MeshModel::open))
                .map(m -> Remedy.change("finer-mesh", new AirEdit.UseMesh(Optional.of(m.id())))
                        .words(m.name()));
    }

    private static Finding finding(Way way, double limit, Inhabitant animal) {
        List<Measure> numbers = new ArrayList<>();
        way.wide().ifPresent(w -> numbers.add(new Measure("opening", w, Unit.MILLIMETRE)));
        numbers.add(new Measure("limit", limit, Unit.MILLIMETRE));
        List<Remedy> remedies = new ArrayList<>(way.mend().stream().toList());
        remedies.add(Remedy.change("choose-mesh", new Remedy.Action.GoTo(Stage.AIR)));
        return Finding.of(
                        LETS_OUT,
                        way.wide().isPresent() ? Severity.STOP : Severity.CAUTION,
                        Place.part(Stage.VESSEL, way.part()),
                        numbers,
                        remedies)
                .worded(
                        way.wide().isEmpty() ? "unknown" : way.meshed() ? "mesh" : "",
                        animal.row().scientificName());
    }
}
