package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.design.NeedOverride;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.units.Unit;

/** What an animal needs: values of the catalogue, or the keeper's own. */
final class NeedFigures {
    private NeedFigures() {}

    static List<Figure> of(Inhabitant animal) {
        Species s = animal.profile();
        List<Figure> all = new ArrayList<>();
        s.baskingSurface().ifPresent(r -> all.add(range(animal, "basking", r, Unit.CELSIUS, "basking_surface_min_c")));
        all.add(range(animal, "warm", s.warmAir(), Unit.CELSIUS, "warm_air_min_c"));
        all.add(range(animal, "cool", s.coolAir(), Unit.CELSIUS, "cool_air_min_c"));
        all.add(range(animal, "night", s.night(), Unit.CELSIUS, "night_min_c"));
        all.add(range(animal, "limits", new Range(s.limitLow(), s.limitHigh()), Unit.CELSIUS, "limit_low_c"));
        all.add(range(animal, "humidity_day", s.humidityDay(), Unit.PERCENT, "rh_day_min_pct"));
        all.add(range(animal, "humidity_night", s.humidityNight(), Unit.PERCENT, "rh_night_min_pct"));
        s.uvIndex().ifPresent(r -> all.add(range(animal, "uvi", r, Unit.COUNT, "uvi_bask_min")));
        s.water().ifPresent(r -> all.add(range(animal, "water", r, Unit.CELSIUS, "water_min_c")));
        if (s.substrateMin() > 0) {
            all.add(range(
                    animal,
                    "depth",
                    new Range(s.substrateMin(), s.substratePreferred()),
                    Unit.CENTIMETRE,
                    "substrate_depth_min_cm"));
        }
        return all;
    }

    private static Figure range(Inhabitant animal, String name, Range range, Unit unit, String column) {
        String highest = column.replace("_min_", "_max_").replace("limit_low", "limit_high");
        Optional<NeedOverride> own =
                animal.resident().override(column).or(() -> animal.resident().override(highest));
        String provenance = animal.row().source(column);
        Input listed = new Input.Listed(
                "catalogue",
                "animals",
                animal.row().id(),
                rowValue(animal.row(), column, unit, range.min()),
                unit,
                provenance);
        return new Figure(
                "need." + animal.id() + "." + name,
                own.isPresent() ? "need.own" : "need",
                animal.id(),
                range.min(),
                OptionalDouble.of(range.max()),
                unit,
                Optional.empty(),
                own.isPresent() ? Standing.KEEPER : standing(provenance),
                List.of(listed));
    }

    private static double rowValue(Species row, String column, Unit unit, double other) {
        return row.optional(column).isPresent() ? unit.toSi(row.optional(column).getAsDouble()) : other;
    }

    /** The first word of a provenance is its standing. */
    static Standing standing(String provenance) {
        String first = provenance.strip().toLowerCase(java.util.Locale.ROOT);
        if (first.startsWith("published")) {
            return Standing.PUBLISHED;
        }
        if (first.startsWith("practice")) {
            return Standing.PRACTICE;
        }
        return first.startsWith("derived") ? Standing.DERIVED : Standing.MEMORY;
    }
}
