package tanah.web.design.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import tanah.core.climate.DayCourse;
import tanah.core.climate.Places;
import tanah.core.climate.RelayCourse;
import tanah.core.design.AirPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.forecast.Energy;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.PointForecast;
import tanah.core.forecast.WaterMoved;
import tanah.core.ground.SoilMoisture;
import tanah.core.light.Vec;
import tanah.core.need.ClimatePlace;
import tanah.core.time.Season;
import tanah.core.units.Unit;
import tanah.web.account.Settings;
import tanah.web.account.SettingsService;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.edit.NumberRow;
import tanah.web.design.words.PartNames;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** Legend, reader and day of a plan for the stages of heat and air. */
@Component
public class ClimatePages {
    private static final String THIN = "\u2009";
    private static final double LEAST = 1e-6; // kg

    private final Words words;
    private final DayCharts charts;
    private final SettingsService settings;
    private final PartNames names;
    private final Catalogues catalogues;

    ClimatePages(Words words, DayCharts charts, SettingsService settings, PartNames names, Catalogues catalogues) {
        this.names = names;
        this.catalogues = catalogues;
        this.words = words;
        this.charts = charts;
        this.settings = settings;
    }

    public ClimateView view(long keeper, Evaluation e, SheetOptions options, Stage stage) {
        ClimateLook look = ClimateLook.of(options, stage, e.design().heat());
        Optional<Forecast> forecast = e.forecast();
        Optional<Moment> moment = forecast.map(f -> Moment.of(f, look.season(), look.hour()));
        Optional<Vec> at = forecast.map(f -> ClimateSheet.reader(e, f, look));
        return new ClimateView(
                look.fill().word(),
                look.lines().word(),
                look.season(),
                look.hour(),
                Presentation.current().clock(look.hour()),
                forecast.isPresent(),
                forecast.filter(Forecast::hasDays).isPresent(),
                WantedBands.legend(look, e),
                moment.map(m -> rows(e, m, at.orElseThrow())).orElse(List.of()),
                at.map(v -> words.of("climate.at", cm(v.x()), cm(v.y()), cm(v.z()) + THIN + Numbers.lengthUnit()))
                        .orElse(""),
                at,
                at.map(v -> plainCm(v.x())).orElse(""),
                at.map(v -> plainCm(v.y())).orElse(""),
                at.map(v -> plainCm(v.z())).orElse(""),
                forecast.filter(Forecast::hasDays)
                        .map(f -> charts.of(e, f, look, stage))
                        .orElse(List.of()),
                charts.key(e, forecast, stage),
                forecast.map(f -> day(keeper, e, f, look.season())).orElse(List.of()));
    }

    private static String cm(double metres) {
        return Numbers.lengthUpTo(metres, 1);
    }

    private static String plainCm(double metres) {
        return Numbers.plain(Math.round(Unit.CENTIMETRE.fromSi(metres) * 10) / 10.0);
    }

    /** Everything that can be read at the place, each with its band. */
    private List<NumberRow> rows(Evaluation e, Moment m, Vec at) {
        Forecast f = m.forecast();
        PointForecast p = m.read(at);
        List<NumberRow> rows = new ArrayList<>();
        double air = f.half(v -> v.places().air(at.x(), at.y(), at.z()), ClimatePlace.WARM_AIR, m.when());
        double ground = f.half(v -> v.places().surface(at.x(), at.y()), ClimatePlace.WARM_GROUND, m.when());
        double damp = f.half(v -> v.places().humidity(at.x(), at.y(), at.z()), ClimatePlace.HUMIDITY, m.when());
        if (p.buried().isPresent()) {
            rows.add(degrees("buried", p.buried().getAsDouble(), ground));
            OptionalDouble moist = SoilMoisture.at(e.design(), e.ground().orElseThrow(), at.x(), at.y(), at.z());
            moist.ifPresent(w -> rows.add(row("moist", Numbers.upTo(100 * w, 0) + THIN + "%")));
            return rows;
        }
        rows.add(degrees("air", p.air(), air));
        rows.add(degrees("ground", p.surface(), ground));
        rows.add(row("humidity", between(100 * p.humidity(), 100 * damp, 0, 100, 0) + THIN + "%"));
        if (f.light().hasUv()) {
            double share = f.light().relative();
            rows.add(row("uv", between(p.uv(), share * p.uv(), 0, 99, 1)));
            rows.add(row("uv_aimed", between(p.uvAimed(), share * p.uvAimed(), 0, 99, 1)));
        }
        rows.add(row("light", Numbers.upTo(1e6 * p.photons(), 0) + THIN + "µmol m⁻² s⁻¹"));
        rows.add(degrees("bare", p.bareProbe(), air));
        rows.add(degrees("capped", p.capped(), air));
        rows.add(degrees("shaded", p.shaded(), air));
        rows.add(row("beams", Numbers.upTo(p.beams(), 0) + THIN + "W/m²"));
        return rows;
    }

    private NumberRow row(String key, String value) {
        return new NumberRow(words.of("climate.read." + key), value, "model." + key);
    }

    private NumberRow degrees(String key, double celsius, double half) {
        double value = Numbers.temperature(celsius);
        double wide = Numbers.temperature(celsius + half) - value;
        return row(key, between(value, wide, -99, 999, 1) + THIN + Numbers.temperatureUnit());
    }

    /** A value with its ends, no finer than the band is worth. */
    private String between(double value, double half, double least, double most, int decimals) {
        int digits = half >= 5 ? 0 : decimals;
        return words.of(
                "climate.between",
                Numbers.fixed(value, digits),
                Numbers.fixed(Math.max(least, value - half), digits),
                Numbers.fixed(Math.min(most, value + half), digits));
    }

    private List<NumberRow> day(long keeper, Evaluation e, Forecast f, Season season) {
        List<NumberRow> rows = new ArrayList<>();
        Energy energy = f.energy();
        Settings own = settings.of(keeper, Locale.getDefault());
        rows.add(today("energy", Numbers.upTo(energy.day(season), 2) + THIN + "kWh", "climate.energy"));
        rows.add(today("cost", money(energy.month(season) * own.tariff())));
        double year = energy.year(own.heatingDays());
        rows.add(today("year", Numbers.upTo(year, 0) + THIN + "kWh, " + money(year * own.tariff())));
        f.day(season).ifPresent(d -> water(f, d, season, rows));
        e.design().air().flatMap(AirPlan::mist).stream()
                .flatMap(m -> m.events().stream())
                .findFirst()
                .flatMap(v -> f.day(season).map(d -> d.dryAgain(v.hour(), Places::meanHumidity)))
                .ifPresent(h -> rows.add(today(
                        "dry",
                        h.isPresent()
                                ? Numbers.upTo(h.getAsDouble(), 1) + THIN + "h"
                                : words.of("climate.day.dry.never"))));
        f.switched(season).ifPresent(w -> w.swings().forEach(s -> rows.add(swing(e, f, s))));
        return rows;
    }

    private void water(Forecast f, DayCourse d, Season season, List<NumberRow> rows) {
        String at = "climate." + season.word() + ".";
        rows.add(today("wet", Numbers.upTo(d.wetHours(), 1) + THIN + "h", at + "wet"));
        rows.add(today("fog", Numbers.upTo(d.fogHours(), 1) + THIN + "h", at + "fog"));
        if (d.water().sprayed() > LEAST) {
            rows.add(litres("mist", d.water().sprayed(), at));
            rows.add(litres("carried", d.water().carried(), at));
            rows.add(litres("drained", d.water().drained(), at));
        }
        WaterMoved.rise(f, season).ifPresent(r -> rows.add(today("rise", millimetres(r), at + "rise")));
        WaterMoved.daysToSeparator(f, season)
                .ifPresent(days ->
                        rows.add(today("separator", words.count("climate.days", Math.round(days)), at + "separator")));
    }

    private static String millimetres(double metres) {
        return (metres < 0 ? "−" : "") + Numbers.upTo(1000 * Math.abs(metres), 2) + THIN + "mm";
    }

    /** What the probe of a heater that switches feels, and how often it switches. */
    private NumberRow swing(Evaluation e, Forecast f, RelayCourse.Swing s) {
        String name = names.of(f.mapped().devices().get(s.fixture()).id(), e.design(), catalogues.of(e.design()));
        String value = s.starts() == 0
                ? words.of("climate.day.swing.none")
                : words.of(
                        "climate.day.swing.value",
                        Numbers.upTo(Numbers.temperature(s.below()) - Numbers.temperature(0), 1),
                        Numbers.upTo(Numbers.temperature(s.above()) - Numbers.temperature(0), 1),
                        Numbers.temperatureUnit(),
                        s.starts());
        return new NumberRow(words.of("climate.day.swing", name), value);
    }

    private NumberRow today(String key, String value) {
        return today(key, value, "");
    }

    private NumberRow today(String key, String value, String figure) {
        return new NumberRow(words.of("climate.day." + key), value, figure);
    }

    private static String money(double amount) {
        return (Numbers.fixed(amount, 2) + THIN + Presentation.current().currency()).strip();
    }

    private NumberRow litres(String key, double kilograms, String at) {
        return today(key, Numbers.volumeWithUnit(kilograms / 1000), at + key);
    }
}
