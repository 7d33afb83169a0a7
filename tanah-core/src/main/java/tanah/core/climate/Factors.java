package tanah.core.climate;

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
}
