package tanah.core.plantplan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;

/**
 * What counts how much in a planting plan, in points; suitability counts 100 for a place where a plant lives as it likes it. Common
 * practice, no source; the keeper may change each.
 *
 * @param fit     suitability, by its hundredths
 * @param variety each kind that is used, up to a number that the ground bears
 * @param fromThere each kind that comes from where the animal comes from
 * @param hide    each piece with low cover near a hide
 * @param damp    each piece that keeps the air damp near the damp retreat
 * @param tall    lost for each centimetre that a plant rises over those behind it
 * @param even    lost for a kind that stands there twice or four times
 * @param again   each kind that is found in two thirds of the length or more
 * @param room    lost for each percent of start cover beside what is wanted
 * @param full    lost for each percent of cover after a year over 90 %
 * @param price   lost for each unit of the reference currency
 */
@RecordBuilder
public record PlanWeights(
        double fit,
        double variety,
        double fromThere,
        double hide,
        double damp,
        double tall,
        double even,
        double again,
        double room,
        double full,
        double price)
        implements PlanWeightsBuilder.With {
    public static final PlanWeights USUAL = new PlanWeights(1, 30, 25, 20, 15, 2, 15, 10, 2, 1, 1);

    /** The usual ones with those that a plan states, by their word; an unknown word counts for nothing. */
    public static PlanWeights of(Map<String, Double> stated) {
        return new PlanWeights(
                stated.getOrDefault("fit", USUAL.fit),
                stated.getOrDefault("variety", USUAL.variety),
                stated.getOrDefault("native", USUAL.fromThere),
                stated.getOrDefault("hide", USUAL.hide),
                stated.getOrDefault("damp", USUAL.damp),
                stated.getOrDefault("tall", USUAL.tall),
                stated.getOrDefault("even", USUAL.even),
                stated.getOrDefault("again", USUAL.again),
                stated.getOrDefault("room", USUAL.room),
                stated.getOrDefault("full", USUAL.full),
                stated.getOrDefault("price", USUAL.price));
    }

    /** Each by the word that a plan has for it. */
    public Map<String, Double> byWord() {
        return Map.ofEntries(
                Map.entry("fit", fit),
                Map.entry("variety", variety),
                Map.entry("native", fromThere),
                Map.entry("hide", hide),
                Map.entry("damp", damp),
                Map.entry("tall", tall),
                Map.entry("even", even),
                Map.entry("again", again),
                Map.entry("room", room),
                Map.entry("full", full),
                Map.entry("price", price));
    }
}
