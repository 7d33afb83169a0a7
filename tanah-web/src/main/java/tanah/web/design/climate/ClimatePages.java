package tanah.web.design.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.springframework.stereotype.Component;
import tanah.core.climate.Uncertainty;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Stage;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.Probed;
import tanah.core.light.Vec;
import tanah.core.units.Unit;
import tanah.web.account.SettingsService;
import tanah.web.design.LayerView;
import tanah.web.design.SheetOptions;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.FieldScale;

/** Legend, reader and day of a plan for the stages of heat and air. */
@Component
public class ClimatePages {
    private static final String THIN = "\u2009";
    private static final double JOULES = 3.6e6; // of a kilowatt-hour
    private static final double MONTH = 30.4375; // days

    private final Words words;
    private final DayCharts charts;
    private final SettingsService settings;

    ClimatePages(Words words, DayCharts charts, SettingsService settings) {
        this.words = words;
        this.charts = charts;
        this.settings = settings;
    }

    public ClimateView view(long keeper, Evaluation e, SheetOptions options, Stage stage) {
        ClimateLook look = ClimateLook.of(options, stage, e.design().heat());
        Optional<Forecast> forecast = e.forecast();
        Optional<Moment> moment = forecast.map(f -> Moment.of(f, look.summer(), look.hour()));
        Optional<Vec> at = forecast.map(f -> ClimateSheet.reader(e, f, look));
        return new ClimateView(
                look.fill().word(),
                look.lines().word(),
                look.summer(),
                look.hour(),
                Presentation.current().clock(look.hour()),
                forecast.isPresent(),
                forecast.filter(Forecast::hasDays).isPresent(),
                legend(look.fill(), e),
                moment.map(m -> rows(m, at.orElseThrow())).orElse(List.of()),
                at.map(v -> words.of("climate.at", cm(v.x()), cm(v.y()), cm(v.z()) + THIN + Numbers.lengthUnit()))
                        .orElse(""),
                at.map(v -> plainCm(v.x())).orElse(""),
                at.map(v -> plainCm(v.y())).orElse(""),
                at.map(v -> plainCm(v.z())).orElse(""),
                forecast.filter(Forecast::hasDays)
                        .map(f -> charts.of(e, f, look, stage))
                        .orElse(List.of()),
                charts.key(e, forecast, stage),
                forecast.map(f -> day(keeper, f, look.summer())).orElse(List.of()));
    }

    private static String cm(double metres) {
        return Numbers.lengthUpTo(metres, 1);
    }

    private static String plainCm(double metres) {
        return Numbers.plain(Math.round(Unit.CENTIMETRE.fromSi(metres) * 10) / 10.0);
    }

    private static List<ClimateView.Band> legend(FieldKind kind, Evaluation e) {
        FieldScale scale = FieldScales.of(kind, e);
        List<ClimateView.Band> bands = new ArrayList<>();
        for (int i = 0; i <= scale.edges().size() && !scale.edges().isEmpty(); i++) {
            bands.add(new ClimateView.Band(
                    scale.colour(i),
                    i < scale.edges().size()
                            ? scale.shows().apply(scale.edges().get(i)).replace("UVI ", "")
                            : ""));
        }
        return bands;
    }

    /** Everything that can be read at the place, each with its band. */
    private List<LayerView.Row> rows(Moment m, Vec at) {
        Forecast f = m.forecast();
        Probed p = m.read(at);
        List<LayerView.Row> rows = new ArrayList<>();
        double air = half(m, v -> v.steady().places().air(at.x(), at.y(), at.z()), Uncertainty.AIR, 1.5) + f.roomBand();
        double ground =
                half(m, v -> v.steady().places().surface(at.x(), at.y()), Uncertainty.SURFACE, 2.5) + f.roomBand();
        double damp = half(m, v -> v.steady().places().humidity(at.x(), at.y(), at.z()), Uncertainty.HUMIDITY, 0.085);
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

    private static double half(Moment m, ToDoubleFunction<Uncertainty.Variant> number, double own, double usual) {
        return m.forecast().half(number, own, m.when()).orElse(usual);
    }

    private LayerView.Row row(String key, String value) {
        return new LayerView.Row(words.of("climate.read." + key), value);
    }

    private LayerView.Row degrees(String key, double celsius, double half) {
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

    private List<LayerView.Row> day(long keeper, Forecast f, boolean summer) {
        List<LayerView.Row> rows = new ArrayList<>();
        double energy = f.energy(summer) / JOULES;
        double tariff = settings.of(keeper, Locale.getDefault()).tariff();
        String currency = Presentation.current().currency();
        rows.add(new LayerView.Row(words.of("climate.day.energy"), Numbers.upTo(energy, 2) + THIN + "kWh"));
        rows.add(new LayerView.Row(
                words.of("climate.day.cost"), (Numbers.fixed(energy * MONTH * tariff, 2) + THIN + currency).strip()));
        f.day(summer).ifPresent(d -> {
            rows.add(new LayerView.Row(words.of("climate.day.wet"), Numbers.upTo(d.wetHours(), 1) + THIN + "h"));
            rows.add(new LayerView.Row(words.of("climate.day.fog"), Numbers.upTo(d.fogHours(), 1) + THIN + "h"));
            if (d.water().sprayed() > 1e-6) {
                rows.add(litres("mist", d.water().sprayed()));
                rows.add(litres("carried", d.water().carried()));
                rows.add(litres("drained", d.water().drained()));
            }
        });
        return rows;
    }

    private LayerView.Row litres(String key, double kilograms) {
        return new LayerView.Row(words.of("climate.day." + key), Numbers.volumeWithUnit(kilograms / 1000));
    }
}
