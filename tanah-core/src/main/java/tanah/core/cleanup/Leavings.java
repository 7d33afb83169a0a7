package tanah.core.cleanup;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tanah.core.animal.Inhabitant;
import tanah.core.catalogue.Species;
import tanah.core.crew.AnimalWaste;
import tanah.core.crew.Diet;

/**
 * What all animals of a plan leave, eat of the litter, and take of the crew (kg dry a day), grown.
 *
 * @param waste  on the floor
 * @param intake food
 * @param eaten  litter that they eat
 * @param frass  what of that comes back
 */
public record Leavings(double waste, double intake, double eaten, double frass) {
    private static final double GRAM = 0.001;
    private static final String LITTER = "litter";

    public static Leavings of(List<Inhabitant> animals) {
        double waste = 0;
        double intake = 0;
        double eaten = 0;
        double frass = 0;
        for (Inhabitant a : animals) {
            double mass = mass(a);
            int count = a.resident().count();
            Map<Diet, Double> diet = new EnumMap<>(Diet.class);
            double litter = shares(a.profile(), diet);
            double rest = diet.values().stream().mapToDouble(d -> d).sum();
            if (mass > 0 && rest > 0) {
                diet.replaceAll((d, share) -> share / rest);
                AnimalWaste w = AnimalWaste.of(group(a.profile()), mass, count, diet, AnimalWaste.KEPT);
                waste += w.waste() * (1 - litter);
                intake += w.intake() * (1 - litter);
            }
            AnimalWaste.Eaten e = AnimalWaste.ofLitter(mass, count);
            eaten += e.litter() * litter;
            frass += e.frass() * litter;
        }
        return new Leavings(waste, intake, eaten, frass);
    }

    /** Of a grown one, or of what it weighs where that is more (kg). */
    private static double mass(Inhabitant a) {
        double grown = a.profile().optional("mass_adult_g").orElse(0) * GRAM;
        return Math.max(grown, a.resident().mass().orElse(0));
    }

    /** Shares by food; hands back that of litter. */
    private static double shares(Species s, Map<Diet, Double> diet) {
        double litter = 0;
        for (String part : s.list("diet_shares")) {
            int colon = part.indexOf(':');
            double share = Double.parseDouble(part.substring(colon + 1));
            String word = part.substring(0, colon);
            if (word.equals(LITTER)) {
                litter += share;
            } else {
                diet.merge(Diet.valueOf(word.toUpperCase(Locale.ROOT)), share, Double::sum);
            }
        }
        return litter;
    }

    private static AnimalWaste.Group group(Species s) {
        if (s.isReptile()) {
            return AnimalWaste.Group.REPTILE;
        }
        return s.isAmphibian() ? AnimalWaste.Group.AMPHIBIAN : AnimalWaste.Group.INVERTEBRATE_PREDATOR;
    }
}
