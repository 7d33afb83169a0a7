package tanah.core.plantplan;

import tanah.core.catalogue.Range;

/** Ways to plant one plan, side by side; each is solved for itself. What sets them apart is common practice, no source. */
public enum PlantingWay {
    /** As the plan says: room to grow where it says nothing. */
    ROOM,
    /** As full at once as for a show. */
    FULL,
    /** Only kinds from where the animal comes from. */
    NATIVE,
    /** What it costs counts five times. */
    CHEAP,
    /** What soon has to be cut back or thinned is left out as far as it can be. */
    CALM;

    private static final Range FILLED = new Range(0.7, 0.9);
    private static final double DEAR = 5;
    private static final double THICK = 5;

    /** What a keeper wants, in this way. */
    PlanWish of(PlanWish wish) {
        PlanWeights w = wish.weights();
        return switch (this) {
            case ROOM -> wish;
            case FULL ->
                wish.withCover(FILLED)
                        .withAim((FILLED.min() + FILLED.max()) / 2)
                        .withWeights(w.withFull(0));
            case NATIVE -> wish.withNativeOnly(true);
            case CHEAP -> wish.withWeights(w.withPrice(DEAR * Math.max(1, w.price())));
            case CALM -> wish.withCalm(true).withWeights(w.withFull(THICK * Math.max(1, w.full())));
        };
    }
}
