package tanah.web.svg;

import tanah.core.scene.Scene;

/**
 * Where a scene goes on the sheet: one scale for all axes, never stretched.
 *
 * @param width    of the sheet (px)
 * @param height   of the sheet (px)
 * @param scale    px for a metre
 * @param left     of the inner left wall (px)
 * @param floor    y of the inner base in the section (px)
 * @param planTop  y of the inner back wall in the plan (px); negative: no plan
 * @param labels   whether there is room for label columns
 */
record Viewport(double width, double height, double scale, double left, double floor, double planTop, boolean labels) {
    static final double COLUMN = 148;
    static final double GUTTER = 36;
    private static final double TOP = 34;
    private static final double RULER = 30;
    private static final double FOOT = 26;
    private static final double NARROW = 560;
    private static final double LEAST_SCALE = 300;
    private static final double MOST_SCALE = 1400;

    /** Which views are wanted. */
    enum View {
        SECTION,
        PLAN,
        BOTH
    }

    /** @param over room above the lid, for lamps (m) */
    static Viewport fit(Scene scene, double over, double width, double height, View view, boolean rightHandles) {
        boolean labels = width >= NARROW;
        double side = labels ? COLUMN + GUTTER : GUTTER + 6;
        double right = labels ? COLUMN + 14 : rightHandles ? 42 : 14;
        double across = (width - side - right) / scene.length();
        double both = (height - TOP - RULER - FOOT) / (over + scene.height() + scene.width());
        boolean plan = view == View.BOTH && labels && Math.min(across, both) >= LEAST_SCALE;
        double tall = plan ? both : (height - TOP - FOOT) / (view == View.PLAN ? scene.width() : over + scene.height());
        double scale = Math.min(MOST_SCALE, Math.min(across, tall));
        double used = scene.length() * scale;
        double left = side + Math.max(0, (width - side - right - used) / 2);
        double floor = view == View.PLAN ? -1 : TOP + (over + scene.height()) * scale;
        double planTop = view == View.PLAN ? TOP : plan ? floor + RULER : -1;
        return new Viewport(width, height, scale, left, floor, planTop, labels);
    }

    boolean hasSection() {
        return floor >= 0;
    }

    boolean hasPlan() {
        return planTop >= 0;
    }

    double x(double metres) {
        return left + metres * scale;
    }

    /** y of a height in the section. */
    double z(double metres) {
        return floor - metres * scale;
    }

    /** y of a distance from the front in the plan; the back is at the top. */
    double y(double metres, double insideWidth) {
        return planTop + (insideWidth - metres) * scale;
    }
}
