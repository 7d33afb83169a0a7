package tanah.core.school;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.Layer;
import tanah.core.design.SchoolChoice;
import tanah.core.finding.Stage;
import tanah.core.ground.DrainageRule;
import tanah.core.water.WasteRule;

/** The choices of the stages up to the ground, and what taking a way does to a design. */
public final class Schools {
    public static final School DRAINAGE =
            new School(DrainageRule.CHOICE, Stage.GROUND, List.of("layer", "none", "false_floor"));
    public static final School CHARCOAL = new School("charcoal", Stage.GROUND, List.of("layer", "mixed", "none"));
    public static final School COIR = new School("coir", Stage.GROUND, List.of("base", "part", "avoided"));
    public static final School BARRIER = new School(BarrierSchool.CHOICE, Stage.GROUND, List.of("mesh", "none"));

    public static final School FILTER =
            new School(WasteRule.CHOICE, Stage.WATER, List.of("sponge", "canister", "plants_only"));
    public static final School RUNNING_IN =
            new School("water", Stage.WATER, List.of("fishless", "mature_medium", "plants_only"));
    public static final School DEPTH = new School("water_depth", Stage.WATER, List.of("deep", "shallow"));
    public static final School BOTTOM = new School("water_bottom", Stage.WATER, List.of("sand", "gravel", "bare"));
    public static final School UV = new School(ClimateSchools.UV, Stage.HEAT, List.of("none", "provide_low"));
    public static final School HEAT = new School(ClimateSchools.HEAT, Stage.HEAT, List.of("above", "side"));
    public static final School MISTING =
            new School(ClimateSchools.MISTING, Stage.AIR, List.of("automatic", "by_hand", "none"));
    public static final School LID = new School(ClimateSchools.LID, Stage.AIR, List.of("mesh", "part", "glass"));
    private static final List<School> ALL =
            List.of(DRAINAGE, BARRIER, CHARCOAL, COIR, FILTER, RUNNING_IN, DEPTH, BOTTOM, UV, HEAT, MISTING, LID);

    private Schools() {}

    /** The choices that this design gives reason to make; drainage as soon as there is a ground, the rest with a soil. */
    public static List<School> of(Design design, Catalogue catalogue) {
        List<School> open = new ArrayList<>();
        if (!design.ground().layers().isEmpty()) {
            open.add(DRAINAGE);
        }
        if (BarrierSchool.soil(design).isPresent()) {
            open.add(BARRIER);
        }
        if (SoilParts.soils(design).stream().anyMatch(l -> SoilParts.isMixed(l, catalogue))) {
            open.add(CHARCOAL);
            open.add(COIR);
        }
        if (design.water().isPresent()) {
            open.add(FILTER);
            open.add(RUNNING_IN);
            if (WaterSchools.hasDepths(design, catalogue)) {
                open.add(DEPTH);
            }
            if (WaterSchools.hasFloor(design)) {
                open.add(BOTTOM);
            }
        }
        if (ClimateSchools.hasBox(design)) {
            if (ClimateSchools.hasUvChoice(design, catalogue)) {
                open.add(UV);
            }
            open.addAll(List.of(HEAT, MISTING, LID));
        }
        return open;
    }

    /** The choice of that name among those that this design gives reason to make. */
    public static Optional<School> find(Design design, String id, Catalogue catalogue) {
        return of(design, catalogue).stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The way that the design follows: the one chosen, or what its layers amount to. */
    public static String current(Design design, School school, Catalogue catalogue) {
        Optional<String> chosen = design.school(school.id()).filter(school.options()::contains);
        return chosen.orElseGet(() -> inferred(design, school, catalogue));
    }

    private static String inferred(Design design, School school, Catalogue catalogue) {
        return switch (school.id()) {
            case DrainageRule.CHOICE ->
                design.ground().layers().stream()
                        .filter(Schools::drains)
                        .findFirst()
                        .map(l -> l.is(Layer.Kind.FALSE_BOTTOM) ? "false_floor" : "layer")
                        .orElse("none");
            case BarrierSchool.CHOICE -> BarrierSchool.of(design);
            case "charcoal" -> SoilParts.charcoal(design, catalogue);
            case "coir" -> SoilParts.coir(design, catalogue);
            case WasteRule.CHOICE -> WaterSchools.filter(design, catalogue);
            case "water_depth" -> WaterSchools.depth(design, catalogue);
            case "water_bottom" -> WaterSchools.bottom(design, catalogue);
            case ClimateSchools.UV, ClimateSchools.HEAT, ClimateSchools.MISTING, ClimateSchools.LID ->
                ClimateSchools.of(design, school.id(), catalogue);
            // nothing in the box tells how the water was run in: the usual way
            default -> school.options().get(0);
        };
    }

    private static Design going(Design design, School school, String option, Catalogue catalogue) {
        return switch (school.id()) {
            case DrainageRule.CHOICE -> DrainageSchool.apply(design, option, catalogue);
            case BarrierSchool.CHOICE -> BarrierSchool.apply(design, option);
            case "charcoal" -> SoilParts.withCharcoal(design, option, catalogue);
            case "coir" -> SoilParts.withCoir(design, option, catalogue);
            case WasteRule.CHOICE -> WaterSchools.withFilter(design, option, catalogue);
            case "water_depth" -> WaterSchools.withDepth(design, option, catalogue);
            case "water_bottom" -> WaterSchools.withBottom(design, option);
            case ClimateSchools.UV, ClimateSchools.HEAT, ClimateSchools.MISTING, ClimateSchools.LID ->
                ClimateSchools.apply(design, school.id(), option, catalogue);
            default -> design;
        };
    }

    /**
     * The design that follows a way: its layers and recipes are changed and the choice is written down. Going to the way
     * that it follows already only writes it down.
     *
     * @param today date of the choice
     * @throws IllegalArgumentException for an unknown choice or way
     */
    public static Design apply(Design design, String choice, String option, Catalogue catalogue, LocalDate today) {
        return apply(design, choice, option, Optional.empty(), catalogue, today);
    }

    /** @param reason the keeper's own words */
    public static Design apply(
            Design design,
            String choice,
            String option,
            Optional<String> reason,
            Catalogue catalogue,
            LocalDate today) {
        School school = ALL.stream()
                .filter(s -> s.id().equals(choice) && s.options().contains(option))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("unknown school " + choice + " " + option));
        Design changed =
                inferred(design, school, catalogue).equals(option) ? design : going(design, school, option, catalogue);
        return changed.withSchool(new SchoolChoice(choice, option, reason, today));
    }

    static boolean drains(Layer layer) {
        return layer.is(Layer.Kind.DRAINAGE) || layer.is(Layer.Kind.FALSE_BOTTOM);
    }
}
