package tanah.core.equipment;

/**
 * One combination.
 *
 * @param heat   item of the lamp or panel for warmth; empty: none
 * @param z      its height (m)
 * @param mesh   share of the lid
 * @param mat    item of a mat, or of a panel beside the lamp; empty: none
 * @param sheets whether back and sides are insulated
 * @param water  item of the water heater; empty: none
 * @param uv     item of the UV lamp; empty: none
 * @param uvZ    its height (m)
 */
public record LampChoice(
        String heat, double z, double mesh, String mat, boolean sheets, String water, String uv, double uvZ) {

    /** Things to buy and to fail. */
    int devices() {
        return (heat.isEmpty() ? 0 : 1)
                + (mat.isEmpty() ? 0 : 1)
                + (water.isEmpty() ? 0 : 1)
                + (uv.isEmpty() ? 0 : 1)
                + (sheets ? 1 : 0);
    }

    /** Whether the other is the same but for how high the lamp hangs. */
    boolean isButForHeight(LampChoice o) {
        return heat.equals(o.heat)
                && mesh == o.mesh
                && mat.equals(o.mat)
                && sheets == o.sheets
                && water.equals(o.water)
                && uv.equals(o.uv);
    }

    /** The word of what it has of one of {@link EquipmentSearch#DIMENSIONS}. */
    String option(int dimension) {
        return switch (dimension) {
            case 0 -> heat;
            case 1 -> String.valueOf(z);
            case 2 -> String.valueOf(mesh);
            case 3 -> mat;
            case 4 -> String.valueOf(sheets);
            default -> water;
        };
    }
}
