package tanah.core.explain;

import static tanah.core.physics.Constants.DAY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.catalogue.Range;
import tanah.core.design.Ramp;
import tanah.core.design.Tap;
import tanah.core.design.WaterPart;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.forecast.Forecast;
import tanah.core.forecast.WaterHeat;
import tanah.core.forecast.WaterMoved;
import tanah.core.ground.Bodies;
import tanah.core.ground.WaterVolumes;
import tanah.core.units.Unit;
import tanah.core.water.LandWater;
import tanah.core.water.WaterCare;
import tanah.core.water.WaterProperties;

/** Land and water, and keeping the water. */
final class WaterFigures {
    /** Spread of the heat that a heater has to give: room, draught and lid differ (from memory). */
    private static final double HEAT_BAND = 0.3;

    private final List<Figure> all = new ArrayList<>();

    private WaterFigures() {}

    static List<Figure> of(Evaluation e, LandWater lw) {
        WaterFigures figures = new WaterFigures();
        WaterPart plan = e.design().water().orElseThrow();
        figures.volumes(lw, new Input.Typed("level", "water", lw.water().level(), Unit.CENTIMETRE));
        figures.bodies(e, lw);
        e.care().ifPresent(care -> figures.care(care, plan));
        e.forecast().ifPresent(f -> figures.heat(f, plan));
        plan.ramps().forEach(figures::ramp);
        return figures.all;
    }

    private void volumes(LandWater lw, Input level) {
        WaterVolumes w = lw.water();
        Input free = new Input.Computed("free", "water.free");
        Input pore = new Input.Computed("pore", "water.pore");
        add("water.pore", w.pore(), Unit.LITRE, Standing.DERIVED, level);
        add("water.total", w.total(), Unit.LITRE, Standing.DERIVED, free, pore);
        add("water.turns_over", w.turnsOver(), Unit.LITRE, Standing.DERIVED, free);
        all.add(new Figure(
                "water.depth",
                "water.depth",
                "",
                w.depthMin(),
                w.depthMax() - w.depthMin() > 5e-4 ? OptionalDouble.of(w.depthMax()) : OptionalDouble.empty(),
                Unit.CENTIMETRE,
                Optional.empty(),
                Standing.DERIVED,
                List.of(level)));
        add("water.land_share", lw.landShare(), Unit.PERCENT, Standing.DERIVED, level);
        add("water.water_share", lw.waterShare(), Unit.PERCENT, Standing.DERIVED, level);
        add("water.per_level", lw.perMetre() * 0.01, Unit.LITRE, Standing.DERIVED);
        add("water.under_rim", lw.underRim(), Unit.CENTIMETRE, Standing.DERIVED, level);
        lw.overDam().ifPresent(over -> add("water.over_dam", over, Unit.CENTIMETRE, Standing.DERIVED, level));
        lw.wicking().ifPresent(k -> add("water.soil_gap", k.gap(), Unit.CENTIMETRE, Standing.PUBLISHED, level));
    }

    private void bodies(Evaluation e, LandWater lw) {
        Bodies bodies = Bodies.of(
                e.ground().orElseThrow().terrain(),
                lw.water(),
                e.vessel().orElseThrow().outline());
        Input level = new Input.Typed("level", "water", lw.water().level(), Unit.CENTIMETRE);
        if (bodies.waters().size() > 1) {
            add("water.bodies", bodies.waters().size(), Unit.COUNT, Standing.DERIVED, level);
        }
        double islets =
                bodies.islets().stream().mapToDouble(Double::doubleValue).sum();
        if (islets > 0) {
            add("water.islets", islets, Unit.SQUARE_CENTIMETRE, Standing.DERIVED, level);
        }
    }

    private void care(WaterCare care, WaterPart plan) {
        Input over = new Input.Computed("turns_over", "water.turns_over");
        add("water.system", care.volume(), Unit.LITRE, Standing.DERIVED, over);
        Input turns = new Input.Computed("system", "water.system");
        Input target = new Input.Typed("temperature", "water", plan.celsius(), Unit.CELSIUS);
        care.change().ifPresent(v -> add("water.change", v, Unit.LITRE, Standing.DERIVED, turns));
        care.changes()
                .ifPresent(n -> add(
                        "water.changes",
                        n,
                        Unit.COUNT,
                        Standing.DERIVED,
                        new Input.Computed("change", "water.change")));
        OptionalDouble chlorine = plan.tap().map(Tap::chlorine).orElse(OptionalDouble.empty());
        if (chlorine.isPresent()) {
            Input tap = new Input.Typed("chlorine", "water.tap", chlorine.getAsDouble(), Unit.MILLIGRAM_PER_LITRE);
            care.thiosulfate().ifPresent(m -> add("water.thiosulfate", m, Unit.GRAM, Standing.DERIVED, tap));
            care.released().ifPresent(m -> add("water.chloramine", m, Unit.MILLIGRAM_PER_LITRE, Standing.DERIVED, tap));
        }
        add("water.media", care.media(), Unit.SQUARE_METRE, Standing.MEMORY);
    }

    /** What the climate says of the water; nothing until the whole day is computed. */
    private void heat(Forecast f, WaterPart plan) {
        Input target = new Input.Typed("temperature", "water", plan.celsius(), Unit.CELSIUS);
        Input room = new Input.Typed(
                "room_night", "room", f.mapped().winter().night().celsius(), Unit.CELSIUS);
        f.waterHeat().ifPresent(h -> heater(h, target, room));
        WaterMoved.carriedOut(f)
                .ifPresent(kg -> add(
                        "water.evaporation",
                        kg * DAY / WaterProperties.density(plan.celsius()),
                        Unit.LITRE,
                        Standing.DERIVED,
                        target,
                        room));
    }

    private void heater(WaterHeat h, Input target, Input room) {
        all.add(new Figure(
                "water.heat",
                "water.heat",
                "",
                h.need(),
                OptionalDouble.empty(),
                Unit.WATT,
                Optional.of(new Range(h.need() * (1 - HEAT_BAND), h.need() * (1 + HEAT_BAND))),
                Standing.DERIVED,
                List.of(target, room)));
        Input heat = new Input.Computed("heat", "water.heat");
        h.size().ifPresent(size -> add("water.heater", size, Unit.WATT, Standing.PRACTICE, heat));
        if (h.power() > 0) {
            h.warmUp().ifPresent(t -> add("water.warm_up", t, Unit.HOUR, Standing.DERIVED, target, heat));
            add("water.stuck", h.stuck(), Unit.CELSIUS, Standing.DERIVED, target);
        }
        add("water.unheated", h.unheated(), Unit.CELSIUS, Standing.DERIVED, room);
    }

    private void ramp(Ramp r) {
        String id = "ramp." + r.id() + ".angle";
        all.add(new Figure(
                id,
                "ramp.angle",
                r.id(),
                r.angle(),
                OptionalDouble.empty(),
                Unit.DEGREE,
                Optional.empty(),
                Standing.DERIVED,
                List.of(
                        new Input.Typed("ramp_foot", "water.ramps[" + r.id() + "]", r.foot(), Unit.CENTIMETRE),
                        new Input.Typed("ramp_top", "water.ramps[" + r.id() + "]", r.top(), Unit.CENTIMETRE),
                        new Input.Typed("ramp_length", "water.ramps[" + r.id() + "]", r.length(), Unit.CENTIMETRE))));
    }

    private void add(String id, double value, Unit unit, Standing standing, Input... inputs) {
        all.add(new Figure(
                id, id, "", value, OptionalDouble.empty(), unit, Optional.empty(), standing, List.of(inputs)));
    }
}
