package tanah.core.box;

/**
 * Multipliers on what the model knows least, all 1 unless readings have moved them.
 *
 * @param lamp     radiant shares of lamps
 * @param mesh     open share of meshes for rays
 * @param envelope outer films and base
 * @param vent     every exchange of air with the room
 * @param mix      mixing of the air
 * @param wet      wetness of soil
 * @param uv       UV output
 */
public record Factors(double lamp, double mesh, double envelope, double vent, double mix, double wet, double uv) {
    public static final Factors ONE = new Factors(1, 1, 1, 1, 1, 1, 1);

    /** How many there are. */
    public static final int COUNT = 7;

    /** Index of the factor on radiant shares of lamps. */
    public static final int LAMP = 0;

    /** Index of the factor on meshes. */
    public static final int MESH = 1;

    /** Index of the factor on UV output. */
    public static final int UV = 6;

    /** Standard deviations of their logarithms before any reading, from memory, in the order above. */
    private static final double[] PRIOR = {0.15, 0.12, 0.12, 0.45, 0.40, 0.35, 0.20};

    /** Standard deviation of the logarithm of one of them before any reading. */
    public static double prior(int index) {
        return PRIOR[index];
    }

    /** One of them, by its place in the order above. */
    public double get(int index) {
        return switch (index) {
            case 0 -> lamp;
            case 1 -> mesh;
            case 2 -> envelope;
            case 3 -> vent;
            case 4 -> mix;
            case 5 -> wet;
            default -> uv;
        };
    }

    /** The same with one of them multiplied. */
    public Factors times(int index, double by) {
        return new Factors(
                index == 0 ? lamp * by : lamp,
                index == 1 ? mesh * by : mesh,
                index == 2 ? envelope * by : envelope,
                index == 3 ? vent * by : vent,
                index == 4 ? mix * by : mix,
                index == 5 ? wet * by : wet,
                index == 6 ? uv * by : uv);
    }
}
