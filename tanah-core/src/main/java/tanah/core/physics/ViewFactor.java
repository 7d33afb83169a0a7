package tanah.core.physics;

/** How much of what one face radiates another sees. */
public final class ViewFactor {
    private ViewFactor() {}

    /**
     * Of two equal rectangles that face each other, aligned: closed form of heat-transfer textbooks (e.g. Incropera, table of view
     * factors).
     *
     * @param a        one side (m)
     * @param b        the other (m)
     * @param distance m; 0: all
     */
    public static double parallel(double a, double b, double distance) {
        if (distance <= 0) {
            return 1;
        }
        double x = a / distance;
        double y = b / distance;
        double x1 = Math.sqrt(1 + x * x);
        double y1 = Math.sqrt(1 + y * y);
        double sum = Math.log(Math.sqrt((1 + x * x) * (1 + y * y) / (1 + x * x + y * y)))
                + x * y1 * Math.atan(x / y1)
                + y * x1 * Math.atan(y / x1)
                - x * Math.atan(x)
                - y * Math.atan(y);
        return 2 / (Math.PI * x * y) * sum;
    }

    /**
     * Exchange area of two sections of a rectangular duct (m²), its ends closed: by the algebra of view factors.
     *
     * @param a        width of the duct (m)
     * @param b        height of the duct (m)
     * @param length   of a section (m)
     * @param sections how many there are
     * @param i        one
     * @param j        another, greater
     */
    public static double sections(double a, double b, double length, int sections, int i, int j) {
        int n = j - i;
        double left = i == 0 ? 0 : 1;
        double right = j == sections - 1 ? 0 : 1;
        return a
                * b
                * (parallel(a, b, (n - 1) * length)
                        - (left + right) * parallel(a, b, n * length)
                        + left * right * parallel(a, b, (n + 1) * length));
    }
}
