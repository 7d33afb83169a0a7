package tanah.core.mapping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import tanah.core.box.ClimateCase;
import tanah.core.box.Fixture;
import tanah.core.catalogue.Catalogue;
import tanah.core.catalogue.MistGear;
import tanah.core.design.AirPlan;
import tanah.core.design.Design;
import tanah.core.design.Device;

/** Mistings and foggers of a design as sprays of a day. */
public final class MistMap {
    private static final double FOG_STEP = 1.0 / 6; // h between two shares of a fogger's water
    private static final double FOG_AIR = 0.8; // share of fog that evaporates as it drifts

    private MistMap() {}

    static ClimateCase.Mist of(Design design, Catalogue catalogue) {
        AirPlan.Mist m = design.air().flatMap(AirPlan::mist).orElse(AirPlan.Mist.NONE);
        List<ClimateCase.Spray> sprays = new ArrayList<>();
        for (AirPlan.Event e : m.events()) {
            double flow = m.nozzles().stream()
                    .filter(n -> e.nozzles().isEmpty() || e.nozzles().contains(n.id()))
                    .mapToDouble(n -> flow(n, catalogue))
                    .sum();
            if (flow > 0) {
                sprays.add(new ClimateCase.Spray(e.hour() % 24, flow * 1000 * e.seconds()));
            }
        }
        for (Device d : design.devices()) {
            Optional<MistGear> fogger = catalogue.findMistGear(d.item()).filter(g -> g.is("fogger"));
            fogger.ifPresent(g -> fog(d, g, design, sprays));
        }
        sprays.sort(java.util.Comparator.comparingDouble(ClimateCase.Spray::hour));
        ClimateCase.Mist usual = ClimateCase.Mist.NONE;
        return new ClimateCase.Mist(
                sprays,
                m.air().orElse(usual.air()),
                m.leaf().orElse(usual.leaf()),
                m.glass().orElse(usual.glass()),
                m.nozzles().stream().mapToDouble(n -> flow(n, catalogue)).sum() * 1000);
    }

    /** Flow of a nozzle (m³/s). */
    public static double flow(AirPlan.Nozzle n, Catalogue catalogue) {
        return n.flow()
                .orElse(n.item()
                        .flatMap(catalogue::findMistGear)
                        .map(g -> g.flow().orElse(0))
                        .orElse(0.0));
    }

    private static void fog(Device d, MistGear g, Design design, List<ClimateCase.Spray> sprays) {
        double share = d.running().dim().orElse(1);
        Fixture.Hours hours = FixtureMap.hours(d.running().when());
        for (int i = 0; i < 24 / FOG_STEP - 1e-9; i++) {
            double hour = i * FOG_STEP;
            if (hours.isOn(
                    hour + FOG_STEP / 2, design.heat().start(), design.heat().hours())) {
                sprays.add(new ClimateCase.Spray(
                        hour, g.flow().orElse(0) * 1000 * FOG_STEP * 3600 * share, OptionalDouble.of(FOG_AIR)));
            }
        }
    }
}
