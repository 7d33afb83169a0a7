package tanah.files.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.climate.ClimateModel;
import tanah.core.climate.SteadyState;
import tanah.core.forecast.WaterHeat;
import tanah.core.physics.Constants;
import tools.jackson.databind.node.ObjectNode;

/** What the first heater of the water does on the coldest night and on the hottest day: held by its control, stuck on, off. */
final class HeaterWriter {
    private static final double TOLERANCE = 1e-4; // K

    private final CaseReader input;
    private final ClimateModel model;
    private final List<Fixture> fixtures;
    private final OptionalInt heater;

    HeaterWriter(CaseReader input, ClimateModel model) {
        this.input = input;
        this.model = model;
        this.fixtures = model.enclosure().fixtures();
        this.heater = IntStream.range(0, fixtures.size())
                .filter(i -> fixtures.get(i).part() instanceof Fixture.InWater
                        && fixtures.get(i).thermostat().isPresent())
                .findFirst();
    }

    void write(ObjectNode root) {
        if (heater.isEmpty()) {
            return;
        }
        ObjectNode node = root.putObject("heater");
        season(node.putObject("winter_night"), "winter", false);
        season(node.putObject("summer_day"), "summer", true);
    }

    private void season(ObjectNode node, String season, boolean lit) {
        Fixture f = fixtures.get(heater.getAsInt());
        int body = ((Fixture.InWater) f.part()).water();
        ClimateCase.RoomCourse course = input.season(season);
        ClimateCase.Outside room = lit ? course.day() : course.night();
        SteadyState held = settled(fixtures, room, lit);
        double duty = held.duty(heater.getAsInt());
        double stuck = settled(
                        with(new Fixture(
                                f.name(), f.power(), new Fixture.Hours.Always(), 1, Optional.empty(), f.part())),
                        room,
                        lit)
                .places()
                .water(body);
        double off = settled(
                        with(new Fixture(f.name(), f.power(), f.hours(), 0, Optional.empty(), f.part())), room, lit)
                .places()
                .water(body);
        CaseWriter.put(node, "water_c", held.places().water(body));
        CaseWriter.put(node, "duty", duty);
        if (duty < 1) {
            CaseWriter.put(node, "need_w", duty * f.power());
        }
        CaseWriter.put(node, "evaporation_kg_day", held.evaporated() * Constants.DAY);
        CaseWriter.put(node, "net_loss_kg_day", held.carriedOut() * Constants.DAY);
        CaseWriter.put(node, "stuck_on_c", stuck);
        CaseWriter.put(node, "off_c", off);
        double set = lit
                ? f.thermostat().orElseThrow().day()
                : f.thermostat().orElseThrow().night();
        WaterHeat.warmUp(off, stuck, set, f.power(), model.waterCapacity(body))
                .ifPresent(s -> CaseWriter.put(node, "warm_up_h", s / Constants.HOUR));
    }

    private List<Fixture> with(Fixture changed) {
        List<Fixture> all = new ArrayList<>(fixtures);
        all.set(heater.getAsInt(), changed);
        return all;
    }

    private SteadyState settled(List<Fixture> devices, ClimateCase.Outside room, boolean lit) {
        return model.with(devices).steady(room, lit, Optional.empty(), TOLERANCE);
    }
}
