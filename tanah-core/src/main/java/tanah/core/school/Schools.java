package tanah.core.school;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.core.design.DesignEdit;
import tanah.core.design.Layer;
import tanah.core.design.SchoolChoice;
import tanah.core.finding.Stage;
import tanah.core.ground.DrainageRule;

/** The choices of the stages up to the ground, and what taking a way does to a design. */
public final class Schools {
    public static final School DRAINAGE =
            new School(DrainageRule.CHOICE, Stage.GROUND, List.of("layer", "none", "false_floor"));
    public static final School CHARCOAL = new School("charcoal", Stage.GROUND, List.of("layer", "mixed", "none"));
    public static final School COIR = new School("coir", Stage.GROUND, List.of("base", "part", "avoided"));

    private Schools() {}

    /** The choices that this design gives reason to make; drainage as soon as there is a ground, the rest with a soil. */
    public static List<School> of(Design design, Catalogue catalogue) {
        List<School> open = new ArrayList<>();
        if (!design.ground().layers().isEmpty()) {
            open.add(DRAINAGE);
        }
        if (SoilParts.soils(design).stream().anyMatch(l -> SoilParts.isMixed(l, catalogue))) {
            open.add(CHARCOAL);
            open.add(COIR);
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
        if (school.equals(DRAINAGE)) {
            return design.ground().layers().stream()
                    .filter(Schools::drains)
                    .findFirst()
                    .map(l -> l.is(Layer.Kind.FALSE_BOTTOM) ? "false_floor" : "layer")
                    .orElse("none");
        }
        return school.equals(CHARCOAL) ? SoilParts.charcoal(design, catalogue) : SoilParts.coir(design, catalogue);
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
        School school = List.of(DRAINAGE, CHARCOAL, COIR).stream()
                .filter(s -> s.id().equals(choice) && s.options().contains(option))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("unknown school " + choice + " " + option));
        Design changed = inferred(design, school, catalogue).equals(option)
                ? design
                : school.equals(DRAINAGE)
                        ? DrainageSchool.apply(design, option, catalogue)
                        : school.equals(CHARCOAL)
                                ? SoilParts.withCharcoal(design, option, catalogue)
                                : SoilParts.withCoir(design, option, catalogue);
        return DesignEdit.withSchool(changed, new SchoolChoice(choice, option, reason, today));
    }

    static boolean drains(Layer layer) {
        return layer.is(Layer.Kind.DRAINAGE) || layer.is(Layer.Kind.FALSE_BOTTOM);
    }
}
