package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Range;
import tanah.core.catalogue.Species;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.need.HardLimits;
import tanah.core.need.Need;
import tanah.core.need.Want;
import tanah.core.units.Unit;

/** What an animal needs: values of the catalogue, or the keeper's own. */
final class NeedFigures {
    private NeedFigures() {}

    static List<Figure> of(Inhabitant animal) {
        List<Figure> all = new ArrayList<>();
        for (Want want : Want.values()) {
            Need.of(animal, want)
                    .ifPresent(n ->
                            all.add(range(animal, want.word(), n.range(), want.unit(), want.lowColumn(), n.isOwn())));
        }
        boolean limits = isOwn(animal, "limit_low_c") || isOwn(animal, "limit_high_c");
        all.add(range(animal, "limits", HardLimits.of(animal).range(), Unit.CELSIUS, "limit_low_c", limits));
        Species s = animal.profile();
        if (s.substrateMin() > 0) {
            boolean own = isOwn(animal, "substrate_depth_min_cm") || isOwn(animal, "substrate_depth_preferred_cm");
            Range depth = new Range(s.substrateMin(), s.substratePreferred());
            all.add(range(animal, "depth", depth, Unit.CENTIMETRE, "substrate_depth_min_cm", own));
        }
        return all;
    }

    private static boolean isOwn(Inhabitant animal, String column) {
        return animal.resident().override(column).isPresent();
    }

    private static Figure range(Inhabitant animal, String name, Range range, Unit unit, String column, boolean own) {
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
                own ? "need.own" : "need",
                animal.id(),
                range.min(),
                OptionalDouble.of(range.max()),
                unit,
                Optional.empty(),
                own ? Standing.KEEPER : standing(provenance),
                List.of(listed));
    }

    private static double rowValue(Species row, String column, Unit unit, double other) {
        return row.optional(column).isPresent() ? unit.toSi(row.optional(column).getAsDouble()) : other;
    }

    /** The first word of a provenance is its standing. */
    static Standing standing(String provenance) {
        String first = provenance.strip().toLowerCase(Locale.ROOT);
        if (first.startsWith("published")) {
            return Standing.PUBLISHED;
        }
        if (first.startsWith("practice")) {
            return Standing.PRACTICE;
        }
        return first.startsWith("derived") ? Standing.DERIVED : Standing.MEMORY;
    }
}
