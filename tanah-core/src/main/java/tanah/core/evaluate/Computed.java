package tanah.core.evaluate;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tanah.core.animal.Inhabitant;
import tanah.core.animal.Space;
import tanah.core.build.Shopping;
import tanah.core.catalogue.Catalogue;
import tanah.core.cleanup.Cleanup;
import tanah.core.design.CrewChoice;
import tanah.core.design.Design;
import tanah.core.design.Lining;
import tanah.core.forecast.Forecast;
import tanah.core.ground.GroundResult;
import tanah.core.planting.Planted;
import tanah.core.structure.MassResult;
import tanah.core.structure.PaneResult;
import tanah.core.vessel.Vessel;
import tanah.core.water.Circulation;
import tanah.core.water.LandWater;
import tanah.core.water.WaterCare;

/**
 * Quantities that follow from a design, and no judgement of them. What could not be computed is empty.
 *
 * @param design      what was computed
 * @param animals     with their needs
 * @param vessel      the true box
 * @param space       for each animal id, how the box compares with what it needs
 * @param ground      layers computed
 * @param mass        filled and wet
 * @param water       land and water at the level, if the plan has water
 * @param circulation pumps, filters and heaters in the water
 * @param care        warmth, changes and running in of the water
 * @param panes       stresses of flat panes, where they can be estimated
 * @param shopping    what to buy
 * @param forecast    climate, where it was asked for
 * @param planted     plants at their places, where the climate is known
 * @param cleanup     waste, litter and crew of a year, where a crew is planned and the climate is known
 */
@RecordBuilder
public record Computed(
        Design design,
        List<Inhabitant> animals,
        Optional<Vessel> vessel,
        Map<String, Space> space,
        Optional<GroundResult> ground,
        Optional<MassResult> mass,
        Optional<LandWater> water,
        Optional<Circulation> circulation,
        Optional<WaterCare> care,
        Optional<PaneResult> panes,
        Optional<Shopping> shopping,
        Optional<Forecast> forecast,
        Optional<Planted> planted,
        Optional<Cleanup> cleanup)
        implements ComputedBuilder.With {

    public Computed {
        animals = List.copyOf(animals);
        space = Map.copyOf(space);
    }

    /** The same with its climate, and its plants in it. */
    public Computed withClimate(Forecast found, Catalogue catalogue) {
        Optional<Planted> plants = ground.map(g -> Planted.of(design, g, found, animals, catalogue));
        Optional<Cleanup> crew = design.crew().equals(CrewChoice.NONE)
                ? Optional.empty()
                : ground.flatMap(g -> Cleanup.of(design, g, land(), animals, found, plants, catalogue));
        return with().forecast(Optional.of(found)).planted(plants).cleanup(crew).build();
    }

    /** Floor that is land (m²). */
    public double land() {
        double floor = vessel.map(v -> Lining.of(design, v).isEmpty()
                        ? v.floorArea()
                        : Lining.of(design, v).floor(v).area())
                .orElse(0.0);
        return floor * water.map(LandWater::landShare).orElse(1.0);
    }

    /** Devices that run in the water. */
    int inWater() {
        return circulation.map(Circulation::devices).orElse(0);
    }
}
