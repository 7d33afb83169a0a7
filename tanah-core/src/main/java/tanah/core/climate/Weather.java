package tanah.core.climate;

import tanah.core.box.ClimateCase;
import tanah.core.climate.engine.RoomAir;
import tanah.core.physics.MoistAir;

/** The room and the schedules through a day of a season, as a failure leaves them. */
final class Weather {
    private final ClimateCase c;
    private final ClimateCase.RoomCourse season;

    Weather(ClimateCase c, ClimateCase.RoomCourse season) {
        this.c = c;
        this.season = season;
    }

    /** Share of the room's day at an hour: two hours up and two hours down. */
    static double roomDay(double hour, double begins, double ends) {
        return ramp(hour - begins) - ramp(hour - ends);
    }

    private static double ramp(double x) {
        return Math.max(0, Math.min(1, (x + 1) / 2));
    }

    RoomAir room(double hour, Drill drill) {
        double f = roomDay(hour % 24, season.begins(), season.ends());
        ClimateCase.Outside n = season.night();
        ClimateCase.Outside d = season.day();
        RoomAir usual = RoomAir.of(
                new ClimateCase.Outside(
                        n.celsius() + f * (d.celsius() - n.celsius()),
                        n.humidity() + f * (d.humidity() - n.humidity())),
                c.pressure());
        if (!drill.holds(hour)) {
            return usual;
        }
        // its vapour stays, as far as colder air can hold it
        double celsius =
                drill.room().orElse(usual.celsius() + drill.warmNight() + f * (drill.warmDay() - drill.warmNight()));
        return new RoomAir(celsius, Math.min(usual.humidity(), MoistAir.saturated(celsius, c.pressure())));
    }

    /** Share of its power that each device may use. */
    double[] available(double hour, Drill drill) {
        double[] available = new double[c.fixtures().size()];
        for (int i = 0; i < available.length; i++) {
            boolean off = drill.holds(hour) && drill.off().contains(i);
            available[i] = off ? 0 : c.fixtures().get(i).available(hour, c.lightsOn(), c.photoperiod());
        }
        return available;
    }
}
