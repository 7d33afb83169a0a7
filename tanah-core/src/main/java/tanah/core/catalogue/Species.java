package tanah.core.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One species' needs. The catalogue's columns are kept under their own names and in their own units (the name carries
 * the unit), so that a keeper's override, the catalogue page and the provenance all speak of the same cell; the
 * methods below are the only readers and answer in SI, temperatures in °C, humidity as a share.
 *
 * <p>Provenance of a value: {@link #source(String)}. Most values are working consensus of keepers ({@code practice})
 * or general knowledge ({@code memory}).
 *
 * @param id      kebab case of the Latin name
 * @param numbers numeric columns that have a value
 * @param texts   text columns that have a value
 * @param lists   columns with several words
 */
public record Species(
        String id, Map<String, Double> numbers, Map<String, String> texts, Map<String, List<String>> lists) {

    private static final double CM = 0.01;
    private static final double MM = 0.001;
    private static final double PCT = 0.01;

    public Species {
        numbers = Map.copyOf(numbers);
        texts = Map.copyOf(texts);
        lists = Map.copyOf(lists);
    }

    public String scientificName() {
        return text("scientific_name");
    }

    public String commonName() {
        return text("common_name");
    }

    public String group() {
        return text("group");
    }

    public String biome() {
        return text("biome");
    }

    public String bodyMeasure() {
        return text("body_measure");
    }

    public String priorityAxis() {
        return text("priority_axis");
    }

    public String social() {
        return text("social");
    }

    public String uvSchool() {
        return text("uv_school");
    }

    public boolean wantsSoil(String tag) {
        return list("soil_tags").contains(tag);
    }

    public boolean isAmphibian() {
        return group().equals("frog-toad") || group().equals("newt-salamander");
    }

    public boolean isReptile() {
        return List.of("lizard", "snake", "turtle", "tortoise").contains(group());
    }

    /** Neither reptile nor amphibian. */
    public boolean isInvertebrate() {
        return !isAmphibian() && !isReptile();
    }

    /** Whether the biome is dry, so that standing water under the ground is a fault. */
    public boolean isArid() {
        return biome().equals("arid") || biome().equals("semi-arid");
    }

    /** Whether it lives in the water with at most a resting place. */
    public boolean isAquatic() {
        return landFraction().max() <= 0.1;
    }

    /** Body length of a large adult (m), in the measure that {@link #bodyMeasure()} names. */
    public double bodyLengthAdult() {
        return number("body_length_adult_cm") * CM;
    }

    /** Length of a large adult from nose to tail tip (m). */
    public double totalLengthAdult() {
        return number("total_length_adult_cm") * CM;
    }

    /** Adult length in the measure in which growth is counted (m). */
    public double growthLengthAdult() {
        boolean inBodyMeasure = List.of("carapace", "leg-span", "shell").contains(bodyMeasure());
        return inBodyMeasure ? bodyLengthAdult() : totalLengthAdult();
    }

    /** Length at hatching in the measure of growth (m). */
    public double hatchlingLength() {
        return number("hatchling_length_cm") * CM;
    }

    /** Months until 95 % of the growth is done. */
    public double monthsToAdult() {
        return number("months_to_adult");
    }

    /** Longer side of the smallest box for one adult, usual outside size (m). */
    public double minLength() {
        return number("min_length_cm") * CM;
    }

    /** Shorter side of the smallest box for one adult, usual outside size (m). */
    public double minDepth() {
        return number("min_depth_cm") * CM;
    }

    /** Height of the smallest box for one adult, usual outside size (m). */
    public double minHeight() {
        return number("min_height_cm") * CM;
    }

    /** Share of the floor to add for each further animal. */
    public double extraFloor() {
        return number("extra_floor_pct") * PCT;
    }

    /** Share of the adult's box below which not even a hatchling is housed; 0.40 where the row is silent (practice). */
    public double growOut() {
        return optional("grow_out_pct").orElse(40) * PCT;
    }

    public OptionalDouble groupMax() {
        return optional("group_max");
    }

    public OptionalDouble malesMax() {
        return optional("males_max");
    }

    /** Surface under the lamp at noon (°C), empty where no basking place is wanted. */
    public Optional<Range> baskingSurface() {
        return range("basking_surface_min_c", "basking_surface_max_c");
    }

    /** Air by day at the warm end (°C). */
    public Range warmAir() {
        return required("warm_air_min_c", "warm_air_max_c");
    }

    /** Air by day at the cool end (°C). */
    public Range coolAir() {
        return required("cool_air_min_c", "cool_air_max_c");
    }

    /** Air everywhere in the second half of the night (°C). */
    public Range night() {
        return required("night_min_c", "night_max_c");
    }

    /** Temperature that no place which the animal cannot leave may fall below (°C). */
    public double limitLow() {
        return number("limit_low_c");
    }

    /** Temperature that no place which the animal cannot leave may pass (°C). */
    public double limitHigh() {
        return number("limit_high_c");
    }

    /** Temperature of the water it lives in (°C). */
    public Optional<Range> water() {
        return range("water_min_c", "water_max_c");
    }

    /** Relative humidity by day at the animal's height (share). */
    public Range humidityDay() {
        return required("rh_day_min_pct", "rh_day_max_pct").times(PCT);
    }

    /** Relative humidity by night (share). */
    public Range humidityNight() {
        return required("rh_night_min_pct", "rh_night_max_pct").times(PCT);
    }

    /** UV index at the highest resting place. */
    public Optional<Range> uvIndex() {
        return range("uvi_bask_min", "uvi_bask_max");
    }

    public Range landFraction() {
        return required("land_fraction_min", "land_fraction_max");
    }

    /** Ground depth where it digs, least (m). */
    public double substrateMin() {
        return number("substrate_depth_min_cm") * CM;
    }

    /** Ground depth where it digs, preferred (m). */
    public double substratePreferred() {
        return number("substrate_depth_preferred_cm") * CM;
    }

    /** 0 none, 1 scrapes, 2 digs, 3 lives below. */
    public int burrower() {
        return (int) number("burrower");
    }

    public boolean mustHoldBurrow() {
        return number("must_hold_burrow") > 0;
    }

    /** 0 no, 1 stones and roots, 2 well, 3 lives up. */
    public int climbs() {
        return (int) number("climbs");
    }

    /** Loose grain sizes to keep from where it feeds (m). */
    public Optional<Range> swallowRisk() {
        return range("swallow_risk_min_mm", "swallow_risk_max_mm").map(r -> r.times(MM));
    }

    /** Whether a column holds numbers, for overrides. */
    public boolean isNumber(String column) {
        return numbers.containsKey(column);
    }

    public OptionalDouble optional(String column) {
        Double value = numbers.get(column);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** @throws IllegalStateException if the column is empty, which the reader of the catalogue has excluded */
    public double number(String column) {
        Double value = numbers.get(column);
        if (value == null) {
            throw new IllegalStateException(id + " has no " + column);
        }
        return value;
    }

    /** The text of a column, or an empty text. */
    public String text(String column) {
        return texts.getOrDefault(column, "");
    }

    /** The words of a column, or none. */
    public List<String> list(String column) {
        return lists.getOrDefault(column, List.of());
    }

    public Optional<Range> range(String min, String max) {
        boolean given = numbers.containsKey(min) && numbers.containsKey(max);
        return given ? Optional.of(required(min, max)) : Optional.empty();
    }

    /** Where a column's value comes from; groups of columns share one source. */
    public String source(String column) {
        return text(SpeciesSources.sourceColumn(column));
    }

    /** The same species with one number replaced. */
    public Species with(String column, double value) {
        Map<String, Double> changed = new LinkedHashMap<>(numbers);
        changed.put(column, value);
        return new Species(id, changed, texts, lists);
    }

    /** The same species with one list replaced. */
    public Species with(String column, List<String> words) {
        Map<String, List<String>> changed = new LinkedHashMap<>(lists);
        changed.put(column, List.copyOf(words));
        return new Species(id, numbers, texts, changed);
    }

    /** The same species with one text replaced. */
    public Species with(String column, String text) {
        Map<String, String> changed = new LinkedHashMap<>(texts);
        changed.put(column, text);
        return new Species(id, numbers, changed, lists);
    }

    private Range required(String min, String max) {
        return new Range(number(min), number(max));
    }
}
