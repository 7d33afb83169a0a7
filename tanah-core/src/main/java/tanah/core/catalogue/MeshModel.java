package tanah.core.catalogue;

/**
 * A mesh for lids and vents.
 *
 * @param id     as in designs
 * @param name   generic trade name
 * @param hole   width of an opening (m)
 * @param open   share of its area that is open, at right angles
 * @param openUv the same for UVB; lower where the threads take it up
 * @param source where the values come from
 */
public record MeshModel(String id, String name, double hole, double open, double openUv, String source) {}
