package tanah.core.failure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tanah.core.box.Fixture;
import tanah.core.climate.Drill;
import tanah.core.mapping.MappedDesign;
import tanah.core.time.Season;

/**
 * A failure of the standard set.
 *
 * @param kind   what fails
 * @param device that fails, or empty
 * @param hours  for how long
 * @param season when it strikes
 */
public record Failure(Kind kind, String device, double hours, Season season) {
    private static final double WAVE_DAY = 8; // K
    private static final double WAVE_NIGHT = 6; // K

    /** What fails. */
    public enum Kind {
        STUCK,
        LAMP_OUT,
        POWER_CUT,
        HEAT_WAVE,
        HEAT_WAVE_LAMPS_OFF,
        MISTING,
        BLOCKED
    }

    /** A word for addresses: kind, device and hours. */
    public String word() {
        return kind.name().toLowerCase(java.util.Locale.ROOT) + ":" + device + ":" + (int) hours;
    }

    /** The standard set for a plan: every controlled device stuck, every lamp out, cuts, heat, mist and vents. */
    public static List<Failure> of(MappedDesign mapped) {
        List<Failure> all = new ArrayList<>();
        for (int i = 0; i < mapped.devices().size(); i++) {
            Fixture f = mapped.enclosure().fixtures().get(i);
            if (f.thermostat().isPresent()) {
                all.add(new Failure(Kind.STUCK, mapped.devices().get(i).id(), 48, Season.SUMMER));
            }
        }
        for (int i = 0; i < mapped.devices().size(); i++) {
            Fixture f = mapped.enclosure().fixtures().get(i);
            int at = i;
            boolean warms = f.part() instanceof Fixture.Lamp
                    || mapped.heated().filter(h -> h.heaters().contains(at)).isPresent()
                    || f.part() instanceof Fixture.Mat
                    || f.part() instanceof Fixture.Cable;
            if (warms) {
                all.add(new Failure(Kind.LAMP_OUT, mapped.devices().get(i).id(), 24, Season.WINTER));
            }
        }
        for (double hours : new double[] {4, 12, 24}) {
            all.add(new Failure(Kind.POWER_CUT, "", hours, Season.WINTER));
        }
        all.add(new Failure(Kind.HEAT_WAVE, "", 48, Season.SUMMER));
        if (hasLamp(mapped)) {
            all.add(new Failure(Kind.HEAT_WAVE_LAMPS_OFF, "", 48, Season.SUMMER));
        }
        if (!mapped.enclosure().mist().events().isEmpty()) {
            all.add(new Failure(Kind.MISTING, "", 8, Season.WINTER));
        }
        all.add(new Failure(Kind.BLOCKED, "", 24, Season.SUMMER));
        return all;
    }

    /** Whether there is a lamp that could be switched off. */
    public static boolean hasLamp(MappedDesign mapped) {
        return mapped.enclosure().fixtures().stream().anyMatch(f -> f.part() instanceof Fixture.Lamp);
    }

    /**
     * The failure as the model plays it.
     *
     * @param begins hour of the first day
     * @param cut    to which the room falls without power (°C)
     */
    Drill drill(MappedDesign mapped, double begins, double cut) {
        Drill quiet = Drill.quiet(begins, hours);
        Optional<Integer> fixture = mapped.fixture(device);
        Set<Integer> all = Drill.all(mapped.enclosure().fixtures());
        return switch (kind) {
            case STUCK -> fixture.map(quiet::withStuck).orElse(quiet);
            case LAMP_OUT -> fixture.map(f -> quiet.withOff(Set.of(f))).orElse(quiet);
            case POWER_CUT -> quiet.withOff(all).withRoom(cut);
            case HEAT_WAVE -> quiet.withHeatWave(WAVE_DAY, WAVE_NIGHT);
            case HEAT_WAVE_LAMPS_OFF -> quiet.withHeatWave(WAVE_DAY, WAVE_NIGHT).withOff(all);
            case MISTING -> quiet.withMisting();
            case BLOCKED -> quiet.withVenting(0);
        };
    }
}
