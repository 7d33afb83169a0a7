package tanah.core.box;

/**
 * A flat layer that conducts and stores heat.
 *
 * @param conductivity W/(m K), greater than 0
 * @param heat         of a volume (J/(m³ K)), greater than 0
 * @param thickness    m, greater than 0
 */
public record Sheet(double conductivity, double heat, double thickness) {
    public Sheet {
        if (!(conductivity > 0) || !(heat > 0) || !(thickness > 0)) {
            throw new IllegalArgumentException(conductivity + " W/mK, " + heat + " J/m3K, " + thickness + " m");
        }
    }

    /** m² K/W. */
    public double resistance() {
        return thickness / conductivity;
    }

    /** J/(m² K). */
    public double capacity() {
        return thickness * heat;
    }
}
