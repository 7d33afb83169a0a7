package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.build.BuyLine;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Range;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.structure.MassResult;
import tanah.core.units.Unit;

/** What it weighs and what it costs. */
final class MassFigures {
    private MassFigures() {}

    static List<Figure> of(Evaluation e, MassResult m) {
        List<Figure> all = new ArrayList<>();
        List<Input> layers = e.ground().orElseThrow().layers().stream()
                .filter(r -> r.shape().exists())
                .<Input>map(r -> new Input.Computed("layer", "layer." + r.id() + ".dry"))
                .toList();
        all.add(part("mass.vessel", m.vessel(), List.of(new Input.Computed("vessel", "vessel.mass"))));
        all.add(part("mass.ground_dry", m.groundDry(), layers));
        all.add(part("mass.ground_water", m.groundWater(), layers));
        if (m.freeWater() > 0) {
            all.add(part("mass.open_water", m.freeWater(), List.of(new Input.Computed("water", "water.free"))));
        }
        all.add(part("mass.hardscape", m.hardscape() + m.dam(), List.of()));
        all.add(part(
                "mass.fittings",
                m.fittings() + m.stand(),
                List.of(
                        new Input.Typed("fittings", "vessel.structure", m.fittings(), Unit.KILOGRAM),
                        new Input.Typed("stand", "vessel.structure", m.stand(), Unit.KILOGRAM))));
        List<Input> sum = new ArrayList<>();
        all.forEach(f -> sum.add(new Input.Computed("part", f.id())));
        all.add(new Figure(
                "mass.total",
                "mass.total",
                "",
                m.total(),
                OptionalDouble.empty(),
                Unit.KILOGRAM,
                Optional.of(m.band()),
                Standing.DERIVED,
                sum));
        return all;
    }

    static List<Figure> bill(Shopping shopping) {
        List<Figure> all = new ArrayList<>();
        price(all, "bill.ground", shopping.price(BuyLine.Kind.GROUND));
        price(all, "bill.devices", shopping.price(BuyLine.Kind.GEAR));
        price(all, "bill.plants", shopping.price(BuyLine.Kind.PLANTS));
        return all;
    }

    private static void price(List<Figure> all, String id, Range price) {
        if (price.max() > 0) {
            all.add(new Figure(
                    id,
                    id,
                    "",
                    price.min(),
                    OptionalDouble.of(price.max()),
                    Unit.MONEY,
                    Optional.empty(),
                    Standing.MEMORY,
                    List.of()));
        }
    }

    private static Figure part(String id, double value, List<Input> inputs) {
        return new Figure(
                id, id, "", value, OptionalDouble.empty(), Unit.KILOGRAM, Optional.empty(), Standing.DERIVED, inputs);
    }
}
