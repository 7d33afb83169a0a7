package tanah.core.planting;

import java.util.List;
import java.util.Set;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.plant.AnimalFit;

/** The animals of a plan as plants meet them, grown. */
public final class PlantAnimals {
    private static final double GRAM = 0.001;
    private static final int CLIMBS = 2;
    private static final String PLANT = "plant:";

    private PlantAnimals() {}

    public static List<AnimalFit.Animal> of(List<Inhabitant> animals) {
        return animals.stream().map(PlantAnimals::of).toList();
    }

    private static AnimalFit.Animal of(Inhabitant animal) {
        Species s = animal.profile();
        double grown = s.optional("mass_adult_g").orElse(0) * GRAM;
        double plants = s.list("diet_shares").stream()
                .filter(part -> part.startsWith(PLANT))
                .mapToDouble(part -> Double.parseDouble(part.substring(PLANT.length())))
                .sum();
        return new AnimalFit.Animal(
                Math.max(grown, animal.resident().mass().orElse(0)),
                s.climbs() >= CLIMBS,
                s.burrower(),
                plants,
                Set.copyOf(s.list("native_regions_wgsrpd")));
    }
}
