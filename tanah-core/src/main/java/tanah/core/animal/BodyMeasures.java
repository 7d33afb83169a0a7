package tanah.core.animal;

import tanah.core.catalogue.Species;

/**
 * Measures of a body that nobody has taken yet, from its length and mass. Common practice, ±25 %: head width of a lizard
 * 0.20 and of a frog 0.38 of its body, shell width 0.75 of the carapace, basking patch 1.2 by 0.6 times of it; a
 * snake is a cylinder of 0.8 of its length with a density of 1.05 g/cm³ (derived).
 *
 * @param rigid  width that does not give way (m)
 * @param body   length of the body (m)
 * @param patch  length of a basking place (m)
 */
public record BodyMeasures(double rigid, double body, double patch) {
    private static final double SHELL = 0.75;
    private static final double FROG_HEAD = 0.38;
    private static final double LIZARD_HEAD = 0.20;
    private static final double SNAKE = 1.23; // cm for g and cm
    private static final double SNAKE_PATCH = 0.35;
    private static final double PATCH = 1.2;

    /** Width of a basking place over its length. */
    public static final double PATCH_WIDTH = 0.5; // 0.6 over 1.2

    /** @param share length over the adult's, 1 for a grown one */
    public static BodyMeasures of(Species s, double share) {
        double body = s.bodyLengthAdult() * share;
        if (s.group().equals("snake")) {
            double total = s.totalLengthAdult() * share;
            double mass = s.optional("mass_adult_g").orElse(0) * share * share * share;
            double width = mass > 0 ? SNAKE * Math.sqrt(mass / (total * 100)) / 100 : LIZARD_HEAD * 0.1 * total;
            return new BodyMeasures(width, total, SNAKE_PATCH * total);
        }
        boolean shelled = s.group().equals("turtle") || s.group().equals("tortoise");
        double rigid = shelled ? SHELL : s.isAmphibian() ? FROG_HEAD : LIZARD_HEAD;
        return new BodyMeasures(rigid * body, body, PATCH * body);
    }
}
