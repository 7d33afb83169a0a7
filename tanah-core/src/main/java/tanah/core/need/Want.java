package tanah.core.need;

import java.util.Locale;
import java.util.Optional;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.finding.Stage;
import tanah.core.time.Phase;
import tanah.core.units.Unit;

/**
 * Everything that can be wanted: the columns of the catalogue that say it, the place, the hours and the statistic by which it is
 * judged. A new need is one line here.
 */
public enum Want {
    BASKING(
            "basking_surface_min_c",
            "basking_surface_max_c",
            Unit.CELSIUS,
            ClimatePlace.BASKING,
            Hours.LIT,
            Stage.HEAT),
    UV("uvi_bask_min", "uvi_bask_max", Unit.UV_INDEX, ClimatePlace.RESTING, Hours.LIT, Stage.HEAT),
    WARM("warm_air_min_c", "warm_air_max_c", Unit.CELSIUS, ClimatePlace.WARM_AIR, Hours.LIT, Stage.HEAT),
    COOL("cool_air_min_c", "cool_air_max_c", Unit.CELSIUS, ClimatePlace.COOL_AIR, Hours.LIT, Stage.HEAT),
    NIGHT("night_min_c", "night_max_c", Unit.CELSIUS, ClimatePlace.MEAN_AIR, Hours.DARK, Stage.HEAT),
    WATER("water_min_c", "water_max_c", Unit.CELSIUS, ClimatePlace.WATER, Hours.ALL, Stage.HEAT),
    HUMIDITY_DAY("rh_day_min_pct", "rh_day_max_pct", Unit.PERCENT, ClimatePlace.HUMIDITY, Hours.LIT, Stage.AIR),
    HUMIDITY_NIGHT("rh_night_min_pct", "rh_night_max_pct", Unit.PERCENT, ClimatePlace.HUMIDITY, Hours.DARK, Stage.AIR);

    /** When it holds: while the lamps are on, while they are off, or around the clock. */
    public enum Hours {
        LIT,
        DARK,
        ALL;

        /** The part of the day that is judged first; around the clock the day. */
        public Phase phase() {
            return this == DARK ? Phase.NIGHT : Phase.DAY;
        }
    }

    private final String lowColumn;
    private final String highColumn;
    private final Unit unit;
    private final ClimatePlace place;
    private final Hours hours;
    private final Stage stage;

    Want(String lowColumn, String highColumn, Unit unit, ClimatePlace place, Hours hours, Stage stage) {
        this.lowColumn = lowColumn;
        this.highColumn = highColumn;
        this.unit = unit;
        this.place = place;
        this.hours = hours;
        this.stage = stage;
    }

    /** The word in message keys, figures and stored answers. */
    public String word() {
        return this == UV ? "uvi" : name().toLowerCase(Locale.ROOT);
    }

    /** Column of the catalogue with the least value; its provenance and overrides are those of the need. */
    public String lowColumn() {
        return lowColumn;
    }

    /** Column of the catalogue with the greatest value. */
    public String highColumn() {
        return highColumn;
    }

    /** Unit of the columns. */
    public Unit unit() {
        return unit;
    }

    public ClimatePlace place() {
        return place;
    }

    public Hours hours() {
        return hours;
    }

    /** By which number of a whole day it is judged. */
    public Statistic statistic() {
        return switch (this) {
            case BASKING -> Statistic.BASKING;
            case WARM, COOL, NIGHT -> Statistic.TENTHS;
            case HUMIDITY_DAY, HUMIDITY_NIGHT -> Statistic.MEAN;
            case WATER -> Statistic.HOURS;
            case UV -> Statistic.FULL_POWER;
        };
    }

    /** The stage that provides for it. */
    public Stage stage() {
        return stage;
    }

    public boolean isHumidity() {
        return place.kind() == ClimatePlace.Kind.HUMIDITY;
    }

    /** Whether a vivarium has to offer it to an animal that lives in the water: only the water and what shines on it. */
    boolean isOfWater() {
        return this == WATER || this == UV || this == BASKING;
    }

    /** The wanted range of a species in SI (°C, shares, UV index); empty where its row says none. */
    public Optional<Range> of(Species species) {
        return species.range(lowColumn, highColumn).map(r -> new Range(unit.toSi(r.min()), unit.toSi(r.max())));
    }
}
