package tanah.files.living;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;

/** Plans with a crew of usual numbers. */
final class Crews {
    private Crews() {}

    static Design with(Design plan, String... species) {
        List<CrewChoice.Dose> doses = new ArrayList<>();
        for (String s : species) {
            doses.add(dose("c" + doses.size(), s));
        }
        return plan.withCrew(CrewChoice.NONE.withDoses(doses));
    }

    /** As many as are usual. */
    static CrewChoice.Dose dose(String id, String species) {
        return new CrewChoice.Dose(
                id,
                species,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }
}
