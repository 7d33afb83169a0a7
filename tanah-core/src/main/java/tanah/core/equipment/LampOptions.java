package tanah.core.equipment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.Gear;
import tanah.core.catalogue.LampModel;
import tanah.core.catalogue.Species;
import tanah.core.climaterule.MatRule;
import tanah.core.design.Design;
import tanah.core.design.VesselPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.vessel.Vessel;

/**
 * What is tried, each list from the least to the most.
 *
 * @param heat    lamps and panels, first none
 * @param heights of the lamp (m)
 * @param mesh    shares of the lid
 * @param mats    and, beside a basking lamp, panels; first none
 * @param sheets  insulation of back and sides
 * @param water   heaters, first none
 */
record LampOptions(
        List<String> heat,
        List<Double> heights,
        List<Double> mesh,
        List<String> mats,
        List<Boolean> sheets,
        List<String> water) {
    private static final double STEP = 0.02; // m
    private static final double NEAREST = 0.2; // m to a lamp, where its maker says nothing
    private static final double OVER = 0.2; // m above the lid
    private static final double HEAVIEST = 260; // W
    private static final double WARMER = 1; // K over the room that a plan of heaters can be wanted for

    /** Where to warm from: the school {@code heat_from}; lamp or mat, else both are tried. */
    static final String SCHOOL = "heat_from";

    static LampOptions of(Evaluation e, PlanVariant variant, Catalogue catalogue) {
        Design design = e.design();
        Vessel vessel = e.vessel().orElseThrow();
        Species s = e.animals().stream().findFirst().map(Inhabitant::profile).orElseThrow();
        String from = design.school(SCHOOL).orElse("");
        boolean basks = s.baskingSurface().isPresent();
        double coldest = design.room().orElseThrow().winter().lowest();
        boolean warms = s.night().min() > coldest - WARMER
                || s.warmAir().min() > design.room().orElseThrow().winter().tempDay() - WARMER;
        List<String> heat = new ArrayList<>();
        if (!basks || from.equals("side")) {
            heat.add("");
        }
        if (basks || warms && !from.equals("side")) {
            lamps(catalogue, basks).forEach(l -> heat.add(l.id()));
        }
        List<String> mats = new ArrayList<>(List.of(""));
        if (warms && !from.equals("above")) {
            catalogue.allGear().stream()
                    .filter(g -> g.category().equals("heat_mat"))
                    .filter(g -> g.heat().length().orElse(1) < vessel.length())
                    .filter(g -> variant.shareOfBack(g.id()) <= MatRule.MOST)
                    .sorted(Comparator.comparingDouble(g -> g.power().orElse(0)))
                    .map(Gear::id)
                    .forEach(mats::add);
        }
        if (warms && basks) {
            // a lamp to bask under is too hot below before it warms a whole box: panels warm beside it, by night too
            catalogue.allLamps().stream()
                    .filter(LampModel::isPanel)
                    .filter(l -> l.body().width().orElse(9) < vessel.length())
                    .sorted(Comparator.comparingDouble(LampModel::power))
                    .forEach(l -> mats.add(l.id()));
        }
        return new LampOptions(
                heat,
                heights(vessel, variant.target()),
                mesh(design, catalogue),
                mats,
                warms ? List.of(false, true) : List.of(false),
                water(e, s, catalogue));
    }

    /** Lamps for a basking place shine by day; without one, dark heaters that may run at night. */
    private static List<LampModel> lamps(Catalogue catalogue, boolean basks) {
        return catalogue.allLamps().stream()
                .filter(l -> l.isHeater() && !l.isUv() && l.power() <= HEAVIEST)
                .filter(l -> basks
                        ? l.id().startsWith("halogen-flood")
                        : l.category().equals("ceramic") || l.isPanel())
                .sorted(Comparator.comparingDouble(LampModel::power))
                .toList();
    }

    private static List<Double> heights(Vessel vessel, double target) {
        List<Double> heights = new ArrayList<>();
        for (int i = 0; target + NEAREST + i * STEP <= vessel.height() + OVER + 1e-9; i++) {
            heights.add(Math.round((target + NEAREST + i * STEP) * 100) / 100.0);
        }
        return heights.isEmpty() ? List.of(vessel.height() + OVER / 2) : heights;
    }

    /** Tenths, finer where a lid is nearly closed and little air does much, and what the plan has. */
    private static List<Double> mesh(Design design, Catalogue catalogue) {
        List<Double> mesh = new ArrayList<>(List.of(0.0, 0.02, 0.03, 0.05, 0.07, 0.1, 0.15));
        for (int i = 2; i <= 10; i++) {
            mesh.add(i / 10.0);
        }
        double own = design.vessel()
                .orElseThrow()
                .lid()
                .map(VesselPlan.Lid::meshFraction)
                .orElse(java.util.OptionalDouble.empty())
                .orElseGet(() -> design.vessel()
                        .get()
                        .catalogue()
                        .flatMap(catalogue::findVessel)
                        .map(m -> m.lidMesh())
                        .orElse(0.0));
        if (!mesh.contains(own)) {
            mesh.add(own);
            mesh.sort(Comparator.naturalOrder());
        }
        return mesh;
    }

    private static List<String> water(Evaluation e, Species s, Catalogue catalogue) {
        List<String> water = new ArrayList<>(List.of(""));
        boolean wet = e.water().isPresent() && s.water().isPresent();
        if (wet
                && s.water().get().min()
                        > e.design().room().orElseThrow().winter().lowest()) {
            catalogue.allGear().stream()
                    .filter(Gear::isWaterHeater)
                    .sorted(Comparator.comparingDouble(g -> g.power().orElse(0)))
                    .map(Gear::id)
                    .forEach(water::add);
        }
        return water;
    }

    int count() {
        return heat.size() * heights.size() * mesh.size() * mats.size() * sheets.size() * water.size();
    }

    int size(int dimension) {
        return switch (dimension) {
            case 0 -> heat.size();
            case 1 -> heights.size();
            case 2 -> mesh.size();
            case 3 -> mats.size();
            case 4 -> sheets.size();
            default -> water.size();
        };
    }

    LampChoice choice(int[] at, String uv, double uvZ) {
        return new LampChoice(
                heat.get(at[0]),
                heights.get(at[1]),
                mesh.get(at[2]),
                mats.get(at[3]),
                sheets.get(at[4]),
                water.get(at[5]),
                uv,
                uvZ);
    }
}
