package tanah.core.crew;

import java.util.List;

/**
 * A floor with its litter, what falls on it, and who eats it.
 *
 * @param floor    m² of land
 * @param celsius  of the floor
 * @param wetness  water of the litter over field capacity
 * @param pocket   the same in a refuge
 * @param refuge   share of the floor that is a damp or dry refuge
 * @param litter   at the start (kg dry)
 * @param falls    leaves a day (kg dry)
 * @param leafRate at which the leaves rot at 24 °C, moist (1 a year)
 * @param waste    of the animals (kg dry a day)
 * @param frass    of animals that eat litter (kg dry a day)
 * @param eaten    litter that animals eat (kg dry a day)
 * @param spot     share of the waste that the keeper takes out
 * @param intake   food of the animals (kg dry a day)
 */
public record CrewPlan(
        double floor,
        double celsius,
        double wetness,
        double pocket,
        double refuge,
        double litter,
        double falls,
        double leafRate,
        double waste,
        double frass,
        double eaten,
        double spot,
        double intake,
        List<Group> crew) {
    public CrewPlan {
        crew = List.copyOf(crew);
    }

    /**
     * One kind of the crew.
     *
     * @param preyed share of the animals' food that it is where plenty of it can be got at
     * @param hidden share of it that they do not get at
     */
    public record Group(CrewKind kind, double count, double preyed, double hidden) {}

    /** The same with another share of the waste taken out by the keeper. */
    public CrewPlan withSpot(double share) {
        return new CrewPlan(
                floor, celsius, wetness, pocket, refuge, litter, falls, leafRate, waste, frass, eaten, share, intake,
                crew);
    }
}
