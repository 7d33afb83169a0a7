package tanah.files.design;

import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Boxes;
import tanah.core.design.Design;
import tanah.core.vessel.Vessel;
import tanah.files.schema.Problem;

/** Whether the measures make a box, and the water stays in it. */
final class BoxChecks {
    private BoxChecks() {}

    static List<Problem> problems(Design design, Catalogue catalogue) {
        List<Problem> problems = new ArrayList<>();
        if (design.vessel().isEmpty()) {
            return problems;
        }
        Vessel vessel;
        try {
            vessel = Boxes.resolve(design.vessel().get(), catalogue);
        } catch (IllegalArgumentException e) {
            String field = design.vessel().get().inside().isPresent() ? "inside_cm" : "outside_cm";
            problems.add(new Problem("/vessel/" + field, "the measures make no box", "measures larger than the panes"));
            return problems;
        }
        design.water().ifPresent(water -> {
            if (water.fill().level().orElse(0) > vessel.rim() + 1e-9) {
                problems.add(new Problem(
                        "/water/level_cm", "the level is over the rim", "at most %.1f".formatted(vessel.rim() * 100)));
            }
        });
        return problems;
    }
}
