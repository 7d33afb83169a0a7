package tanah.core.planting;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import tanah.core.box.ClimateCase;
import tanah.core.catalogue.Catalogue;
import tanah.core.climate.DayCourse;
import tanah.core.climate.LightMap;
import tanah.core.climate.Places;
import tanah.core.design.Design;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.ground.PlantFoot;
import tanah.core.light.Vec;
import tanah.core.plant.Plant;
import tanah.core.plant.RootPlace;
import tanah.core.plant.Spot;
import tanah.core.time.Phase;
import tanah.core.time.Season;
import tanah.core.time.SeasonPhase;

/**
 * The climate of every place of a plan where something can grow, from its forecast. Before the whole day is computed the steady states
 * stand for it, and what only a day can tell is unknown.
 */
public final class GrowingPlaces {
    private static final double LEAVES = 0.05; // m over the foot, where the air is asked
    private static final double OVER = 0.001; // m, so that a plant does not shade itself
    private static final double DRIEST = 0.05; // share of the hours that are drier
    private static final double DRY = 0.2; // water over field capacity from which a spell is dry
    private static final double[] STIRS = {0.02, 0.05, 0.15
    }; // m/s at which the next class of air begins; common practice
    private static final double COLD = 10; // °C below which a winter rests

    private final Forecast forecast;
    private final Design design;
    private final GroundResult ground;
    private final LightMap light;
    private final Headroom headroom;
    private final ClimateCase box;

    private final boolean whole;

    public GrowingPlaces(Forecast forecast, Design design, GroundResult ground, Catalogue catalogue) {
        this(forecast, design, ground, new Headroom(forecast.mapped(), design, catalogue), forecast.hasDays());
    }

    private GrowingPlaces(Forecast forecast, Design design, GroundResult ground, Headroom headroom, boolean whole) {
        this.whole = whole;
        this.forecast = forecast;
        this.design = design;
        this.ground = ground;
        this.light = forecast.light().map();
        this.headroom = headroom;
        this.box = forecast.mapped().enclosure();
    }

    /**
     * A place; empty outside the box, or where a plant would hold to water that is not there.
     *
     * @param foot height over the base (m); not given: the ground, or the face of the water
     */
    public Optional<GrowingPlace> at(RootPlace on, double x, double y, OptionalDouble foot) {
        boolean inside =
                ground.terrain().cells().stream().anyMatch(c -> c.plan().contains(x, y));
        SoilAt soil = SoilAt.of(design, ground, x, y);
        boolean wet = on == RootPlace.UNDERWATER || on == RootPlace.WATER_SURFACE;
        if (!inside || wet && soil.floodDepth() <= 0) {
            return Optional.empty();
        }
        double z = foot.orElseGet(() -> PlantFoot.at(design, ground, on, x, y));
        double top = box.shell().height();
        Map<Season, Spot> spots = new EnumMap<>(Season.class);
        for (Season season : Season.values()) {
            spots.put(season, spot(on, season, x, y, z, soil));
        }
        return Optional.of(new GrowingPlace(
                x,
                y,
                z,
                spots,
                h -> light.photonsOfDay(new Vec(x, y, Math.min(top - OVER, z + h + OVER))),
                h -> light.photons(new Vec(x, y, Math.min(top - OVER, z + h + OVER)))));
    }

    private Spot spot(RootPlace on, Season season, double x, double y, double z, SoilAt soil) {
        double leaves = Math.min(box.shell().height() - OVER, z + LEAVES);
        ToDoubleFunction<Places> air = p -> p.air(x, y, leaves);
        ToDoubleFunction<Places> damp = p -> p.humidity(x, y, leaves);
        double coldest = least(Season.WINTER, air);
        OptionalDouble moisture = moisture(on, soil);
        boolean rooted = on == RootPlace.SOIL || on == RootPlace.UNDERWATER;
        boolean inSoil = on == RootPlace.SOIL;
        return new Spot(
                on,
                OptionalDouble.of(light.photonsOfDay(new Vec(x, y, z + OVER))),
                OptionalDouble.of(light.photons(new Vec(x, y, z + OVER))),
                OptionalDouble.of(mean(season, Phase.DAY, air)),
                OptionalDouble.of(mean(season, Phase.NIGHT, air)),
                OptionalDouble.of(coldest),
                OptionalDouble.of(most(Season.SUMMER, air)),
                OptionalDouble.of(wholeDay(season, damp)),
                driest(season, damp),
                moisture,
                moisture.isPresent() && moisture.getAsDouble() >= DRY ? OptionalDouble.of(0) : OptionalDouble.empty(),
                leafHours(on, season, x, y, leaves),
                OptionalInt.of(stirs(season)),
                OptionalInt.of(drips(x, y)),
                inSoil || on == RootPlace.UNDERWATER ? soil.flood() : OptionalInt.of(0),
                OptionalDouble.of(rooted ? soil.floodDepth() : 0),
                rooted ? OptionalDouble.of(soil.depth()) : OptionalDouble.empty(),
                OptionalDouble.of(free(x, y, z)),
                inSoil ? soil.ph() : OptionalDouble.empty(),
                inSoil ? soil.lime() : Optional.empty(),
                mean(Season.WINTER, Phase.NIGHT, air) >= COLD ? OptionalDouble.of(0) : OptionalDouble.empty());
    }

    /** Height that is free over a foot, up to the lid, a lamp or a piece that hangs over it (m). */
    private double free(double x, double y, double z) {
        double open = headroom.over(x, y, z);
        OptionalDouble under = PlantFoot.undersideAbove(design, x, y, z);
        return under.isPresent() ? Math.min(open, under.getAsDouble() - z) : open;
    }

    /** What wood, cork or a wall of moss holds nobody has computed: it is unknown there. */
    private static OptionalDouble moisture(RootPlace on, SoilAt soil) {
        return switch (on) {
            case SOIL -> soil.moisture();
            case MOUNT, MOSS_WALL -> OptionalDouble.empty();
            case UNDERWATER, WATER_SURFACE -> OptionalDouble.of(Plant.SOAKED);
        };
    }

    /** Height of the ground at a place (m). */
    public double groundAt(double x, double y) {
        return ground.terrain().surfaceAt(x, y);
    }

    /** The same places by the steady states alone. */
    GrowingPlaces steady() {
        return new GrowingPlaces(forecast, design, ground, headroom, false);
    }

    /** Whether the whole day is known. */
    boolean isWhole() {
        return whole;
    }

    private Optional<DayCourse> course(Season season) {
        return whole ? forecast.day(season) : Optional.empty();
    }

    private List<DayCourse.Sample> day(Season season) {
        return course(season).map(DayCourse::samples).orElse(List.of());
    }

    private double mean(Season season, Phase phase, ToDoubleFunction<Places> value) {
        return day(season).stream()
                .filter(s -> s.phase() == phase)
                .mapToDouble(s -> value.applyAsDouble(s.places()))
                .average()
                .orElseGet(() -> steady(season, phase, value));
    }

    private double steady(Season season, Phase phase, ToDoubleFunction<Places> value) {
        return value.applyAsDouble(forecast.at(SeasonPhase.of(season, phase)).places());
    }

    private double wholeDay(Season season, ToDoubleFunction<Places> value) {
        double lit = box.photoperiod() / 24;
        return day(season).stream()
                .mapToDouble(s -> value.applyAsDouble(s.places()))
                .average()
                .orElseGet(
                        () -> lit * steady(season, Phase.DAY, value) + (1 - lit) * steady(season, Phase.NIGHT, value));
    }

    private double least(Season season, ToDoubleFunction<Places> value) {
        return day(season).stream()
                .mapToDouble(s -> value.applyAsDouble(s.places()))
                .min()
                .orElseGet(() -> Math.min(steady(season, Phase.DAY, value), steady(season, Phase.NIGHT, value)));
    }

    private double most(Season season, ToDoubleFunction<Places> value) {
        return -least(season, p -> -value.applyAsDouble(p));
    }

    private OptionalDouble driest(Season season, ToDoubleFunction<Places> damp) {
        double[] all = day(season).stream()
                .mapToDouble(s -> damp.applyAsDouble(s.places()))
                .sorted()
                .toArray();
        if (all.length == 0) {
            return OptionalDouble.empty();
        }
        double rank = DRIEST * (all.length - 1);
        int low = (int) Math.floor(rank);
        int high = Math.min(all.length - 1, low + 1);
        return OptionalDouble.of(all[low] + (rank - low) * (all[high] - all[low]));
    }

    private OptionalDouble leafHours(RootPlace on, Season season, double x, double y, double z) {
        Optional<DayCourse> day = course(season);
        if (on == RootPlace.UNDERWATER || day.isEmpty()) {
            return OptionalDouble.empty();
        }
        double floor = box.shell().length() * box.shell().width();
        return OptionalDouble.of(LeafFilm.hours(day.get(), box, floor, x, y, z));
    }

    /** Class of moving air: what mixes the box, by day. */
    private int stirs(Season season) {
        double speed = forecast.at(SeasonPhase.of(season, Phase.DAY)).mixingSpeed();
        return (int) Arrays.stream(STIRS).filter(from -> speed >= from).count();
    }

    /** Class of drips: mist falls everywhere; under a wall or fall of water it drips. */
    private int drips(double x, double y) {
        int misted = box.mist().events().isEmpty() ? 0 : 1;
        return Math.max(misted, Drips.at(design, box, x, y));
    }
}
