package tanah.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.design.RoomPlan;
import tanah.core.evaluate.Evaluation;
import tanah.core.explain.Figure.Input;
import tanah.core.explain.Figure.Standing;
import tanah.core.units.Unit;
import tanah.core.vessel.Vessel;

/** Numbers of the box, of the room that it offers, and of the room around it. */
final class BoxFigures {
    private BoxFigures() {}

    static List<Figure> of(Evaluation e, Vessel v) {
        List<Figure> all = new ArrayList<>();
        Input length = new Input.Typed("length", "vessel", v.length(), Unit.CENTIMETRE);
        Input width = new Input.Typed("width", "vessel", v.width(), Unit.CENTIMETRE);
        Input height = new Input.Typed("height", "vessel", v.height(), Unit.CENTIMETRE);
        all.add(exact("vessel.floor", v.floorArea(), Unit.SQUARE_METRE, List.of(length, width)));
        all.add(exact(
                "vessel.capacity", v.brim(), Unit.LITRE, List.of(new Input.Computed("floor", "vessel.floor"), height)));
        Optional<String> model = e.design().vessel().flatMap(p -> p.catalogue());
        boolean listed = v.massFrom() == Vessel.MassSource.CATALOGUE && model.isPresent();
        all.add(new Figure(
                "vessel.mass",
                listed ? "vessel.mass.listed" : "vessel.mass.panes",
                "",
                v.emptyMass(),
                OptionalDouble.empty(),
                Unit.KILOGRAM,
                Optional.of(v.massBand()),
                listed ? Standing.MEMORY : Standing.DERIVED,
                listed
                        ? List.of(new Input.Listed(
                                "catalogue", "vessels", model.orElseThrow(), v.emptyMass(), Unit.KILOGRAM, "memory"))
                        : List.of(length, width, height)));
        for (Inhabitant animal : e.animals()) {
            Space space = e.space().get(animal.id());
            if (space != null) {
                space(all, animal, space);
            }
        }
        return all;
    }

    private static void space(List<Figure> all, Inhabitant animal, Space space) {
        List<Input> inputs = List.of(
                new Input.Computed("floor", "vessel.floor"),
                need("min_length", animal, animal.profile().minLength(), Unit.CENTIMETRE),
                need("min_depth", animal, animal.profile().minDepth(), Unit.CENTIMETRE),
                need("min_height", animal, animal.profile().minHeight(), Unit.CENTIMETRE),
                need("extra_floor", animal, animal.profile().extraFloor(), Unit.PERCENT),
                new Input.Typed(
                        "count",
                        "animals[" + animal.id() + "]",
                        animal.resident().count(),
                        Unit.COUNT));
        all.add(practice("space." + animal.id() + ".offers", "space.offers", animal, space.ratio(), inputs));
        all.add(practice("space." + animal.id() + ".needs", "space.needs", animal, space.scaleNow(), inputs));
        space.mostNow().ifPresent(n -> all.add(count("space.most_now", animal, n, inputs)));
        space.mostGrown().ifPresent(n -> all.add(count("space.most_grown", animal, n, inputs)));
    }

    private static Input need(String name, Inhabitant animal, double value, Unit unit) {
        String column = name.equals("extra_floor") ? "extra_floor_pct" : name + "_cm";
        return new Input.Listed(
                name, "animals", animal.row().id(), value, unit, animal.row().source(column));
    }

    private static Figure practice(String id, String formula, Inhabitant animal, double value, List<Input> inputs) {
        return new Figure(
                id,
                formula,
                animal.id(),
                value,
                OptionalDouble.empty(),
                Unit.PERCENT,
                Optional.empty(),
                Standing.PRACTICE,
                inputs);
    }

    private static Figure count(String id, Inhabitant animal, int value, List<Input> inputs) {
        return new Figure(
                id,
                id,
                animal.id(),
                value,
                OptionalDouble.empty(),
                Unit.COUNT,
                Optional.empty(),
                Standing.PRACTICE,
                inputs);
    }

    static List<Figure> room(RoomPlan room) {
        List<Figure> all = new ArrayList<>();
        season(all, "winter", room.winter());
        season(all, "summer", room.summer());
        return all;
    }

    private static void season(List<Figure> all, String name, RoomPlan.Season season) {
        all.add(typed("room." + name + ".day", season.tempDay(), Unit.CELSIUS));
        all.add(typed("room." + name + ".night", season.tempNight(), Unit.CELSIUS));
        all.add(typed("room." + name + ".humidity_day", season.humidityDay(), Unit.PERCENT));
        all.add(typed("room." + name + ".humidity_night", season.humidityNight(), Unit.PERCENT));
    }

    private static Figure typed(String id, double value, Unit unit) {
        return new Figure(
                id,
                "typed",
                "",
                value,
                OptionalDouble.empty(),
                unit,
                Optional.empty(),
                Standing.KEEPER,
                List.of(new Input.Typed("typed", "room", value, unit)));
    }

    private static Figure exact(String id, double value, Unit unit, List<Input> inputs) {
        return new Figure(id, id, "", value, OptionalDouble.empty(), unit, Optional.empty(), Standing.DERIVED, inputs);
    }
}
