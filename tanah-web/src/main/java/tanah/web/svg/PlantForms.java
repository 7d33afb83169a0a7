package tanah.web.svg;

import java.util.Optional;
import tanah.core.plant.GrowthForm;

/**
 * Outlines of plants from the side, made from a few numbers for each form and a seed, so that two of a kind differ a little and one looks the same
 * every time. In pixels; a foot at 0, 0 and up is negative.
 */
final class PlantForms extends PlantStrokes {
    private final double half;
    private final double tall;

    private PlantForms(double half, double tall, int seed) {
        super(seed);
        this.half = half;
        this.tall = tall;
    }

    /** Filled leaves and stroked stems, as path data. */
    record Shape(String leaves, String stems) {}

    /**
     * Seen from the side.
     *
     * @param form  empty where nobody knows what it is
     * @param half  of its spread (px)
     * @param tall  its height (px)
     * @param seed  of its own small differences
     */
    static Shape side(Optional<GrowthForm> form, double half, double tall, int seed) {
        PlantForms f = new PlantForms(half, tall, seed);
        if (form.isEmpty()) {
            f.mound(5);
        } else {
            f.draw(form.get());
        }
        return new Shape(f.leaves(), f.stems());
    }

    private void draw(GrowthForm form) {
        switch (form) {
            case FERN -> fronds(9, 0.16);
            case PALM -> palm();
            case GRASS -> blades(13, 0.05);
            case AQUATIC_ROSETTE -> blades(9, 0.10);
            case AIR_PLANT -> blades(15, 0.07);
            case BROMELIAD, ROSETTE -> blades(9, 0.16);
            case SUCCULENT -> blades(11, 0.22);
            case CLUMP -> spoons(7);
            case ORCHID -> orchid();
            case MOSS, LIVERWORT -> mound(form == GrowthForm.MOSS ? 9 : 5);
            case CREEPER -> creeper();
            case CLIMBER -> vines(-1);
            case TRAILER -> vines(1);
            case SHRUB -> crown(0.25, 11);
            case TREE -> crown(0.55, 13);
            case AQUATIC_STEM -> whorls();
            case CACTUS -> column();
            case FLOATER -> floating();
        }
    }

    /** Bent blades from one foot. */
    private void blades(int count, double wide) {
        for (int i = 0; i < count; i++) {
            double side = count == 1 ? 0 : 2.0 * i / (count - 1) - 1;
            double lean = side + 0.12 * (next() - 0.5);
            double up = tall * (1 - 0.55 * side * side) * (0.85 + 0.15 * next());
            double tipX = half * lean;
            double bendX = 0.35 * tipX;
            double bendY = -up * 1.1;
            double broad = Math.max(1, wide * (half + tall) / 2);
            leaves.append('M').append(at(-broad / 2, 0));
            leaves.append('Q')
                    .append(at(bendX - broad / 2, bendY))
                    .append(' ')
                    .append(at(tipX, -up * (0.45 + 0.55 * (1 - Math.abs(lean)))));
            leaves.append('Q')
                    .append(at(bendX + broad / 2, bendY + broad))
                    .append(' ')
                    .append(at(broad / 2, 0))
                    .append('Z');
        }
    }

    /** Arching fronds with leaflets on both sides. */
    private void fronds(int count, double wide) {
        for (int i = 0; i < count; i++) {
            double side = 2.0 * i / (count - 1) - 1 + 0.1 * (next() - 0.5);
            double up = tall * (1 - 0.5 * side * side) * (0.88 + 0.12 * next());
            frond(0, 0, half * side * 0.45, -up * 1.15, half * side, -up * (1 - 0.35 * Math.abs(side)), wide);
        }
    }

    private void frond(double x, double y, double bendX, double bendY, double endX, double endY, double wide) {
        curve(x, y, bendX, bendY, endX, endY);
        int pairs = 7;
        double length = Math.hypot(endX - x, endY - y);
        for (int k = 2; k <= pairs; k++) {
            double t = k / (pairs + 0.6);
            double px = (1 - t) * (1 - t) * x + 2 * t * (1 - t) * bendX + t * t * endX;
            double py = (1 - t) * (1 - t) * y + 2 * t * (1 - t) * bendY + t * t * endY;
            double tx = 2 * (1 - t) * (bendX - x) + 2 * t * (endX - bendX);
            double ty = 2 * (1 - t) * (bendY - y) + 2 * t * (endY - bendY);
            double norm = Math.max(1e-6, Math.hypot(tx, ty));
            double size = wide * length * (1.25 - t);
            for (int s = -1; s <= 1; s += 2) {
                double lx = px + size * (0.45 * tx - s * ty) / norm;
                double ly = py + size * (0.45 * ty + s * tx) / norm;
                leaf(px, py, lx, ly, 0.24);
            }
        }
    }

    private void palm() {
        curve(0, 0, 0, -tall * 0.3, 0, -tall * 0.55);
        for (int i = 0; i < 7; i++) {
            double side = 2.0 * i / 6 - 1;
            double top = -tall * (0.55 + 0.45 * (1 - side * side));
            frond(0, -tall * 0.5, half * side * 0.4, top * 1.08, half * side, top * 0.85, 0.13);
        }
    }

    /** Broad leaves on stalks. */
    private void spoons(int count) {
        for (int i = 0; i < count; i++) {
            double side = 2.0 * i / (count - 1) - 1 + 0.1 * (next() - 0.5);
            double up = tall * (0.95 - 0.45 * side * side) * (0.9 + 0.1 * next());
            double x = 0.45 * half * side;
            double y = -0.55 * up;
            curve(0, 0, 0.15 * half * side, -0.4 * up, x, y);
            leaf(x, y, half * side, -up, 0.42);
        }
    }

    private void orchid() {
        for (int i = 0; i < 4; i++) {
            double side = i / 1.5 - 1;
            leaf(0, 0, half * side, -0.35 * tall * (1.2 - Math.abs(side)), 0.16);
        }
        curve(0, 0, 0.1 * half, -0.6 * tall, 0.5 * half, -0.95 * tall);
        for (int i = 0; i < 3; i++) {
            double x = half * (0.25 + 0.13 * i);
            double y = -tall * (0.75 + 0.09 * i);
            leaf(x, y, x + 0.28 * half, y + 0.02 * tall, 0.5);
            leaf(x, y, x - 0.02 * half, y - 0.13 * tall, 0.5);
        }
    }

    /** A low cushion with a bumpy top. */
    private void mound(int bumps) {
        leaves.append('M').append(at(-half, 0));
        double step = 2 * half / bumps;
        for (int i = 0; i < bumps; i++) {
            double middle = -half + (i + 0.5) * step;
            double share = middle / Math.max(1e-6, half);
            double up = tall * Math.sqrt(Math.max(0.1, 1 - share * share)) * (0.85 + 0.3 * next());
            leaves.append('Q')
                    .append(at(middle, -1.45 * up))
                    .append(' ')
                    .append(at(-half + (i + 1) * step, i == bumps - 1 ? 0 : -0.55 * up));
        }
        leaves.append('Z');
    }

    private void creeper() {
        int count = 9;
        for (int i = 0; i < count; i++) {
            double x = half * (2.0 * i / (count - 1) - 1);
            double up = tall * (0.55 + 0.45 * next());
            stems.append('M').append(at(x * 0.9, 0)).append('L').append(at(x, -0.4 * up));
            leaf(x, -0.3 * up, x - 0.22 * half, -up, 0.4);
            leaf(x, -0.3 * up, x + 0.22 * half, -0.85 * up, 0.4);
        }
    }

    /** Long shoots with leaves by turns: upwards, or hanging. */
    private void vines(int way) {
        int count = 4;
        for (int i = 0; i < count; i++) {
            double side = 2.0 * i / (count - 1) - 1;
            double length = tall * (0.75 + 0.25 * next());
            double endX = half * 0.8 * side;
            curve(0, 0, endX * 1.3, way * length * 0.45, endX, way * length);
            for (int k = 1; k <= 6; k++) {
                double t = k / 6.2;
                double px = 2 * t * (1 - t) * endX * 1.3 + t * t * endX;
                double py = way * length * (0.9 * t * (1 - t) + t * t);
                double out = (k % 2 == 0 ? 1 : -1) * Math.max(3, 0.28 * half);
                leaf(px, py, px + out, py - 0.25 * Math.abs(out), 0.42);
            }
        }
    }

    /** A stem with a crown of leaves, from a share of its height up. */
    private void crown(double from, int count) {
        curve(0, 0, 0.06 * half, -0.5 * tall, 0, -0.8 * tall);
        for (int i = 0; i < count; i++) {
            double angle = i * TURN;
            double out = Math.sqrt((i + 0.5) / count);
            double x = half * 0.75 * out * Math.cos(angle);
            double middle = (from + 1) / 2;
            double y = -tall * (middle + (1 - middle) * 0.85 * out * Math.sin(angle));
            stems.append('M').append(at(0, -tall * from * 0.9)).append('L').append(at(x, y));
            leaf(x, y, x + 0.3 * half * Math.cos(angle), y - 0.12 * tall, 0.45);
            leaf(x, y, x - 0.3 * half * Math.sin(angle), y - 0.09 * tall, 0.45);
        }
    }

    private void whorls() {
        int count = 5;
        for (int i = 0; i < count; i++) {
            double x = half * (2.0 * i / (count - 1) - 1) * 0.8;
            double up = tall * (0.75 + 0.25 * next());
            curve(x * 0.5, 0, x, -0.5 * up, x, -up);
            for (int k = 1; k <= 7; k++) {
                double y = -up * (0.2 + 0.8 * k / 7);
                leaf(x, y, x - 0.3 * half, y - 0.05 * tall, 0.2);
                leaf(x, y, x + 0.3 * half, y - 0.05 * tall, 0.2);
            }
        }
    }

    private void column() {
        double w = half * 0.8;
        leaves.append('M').append(at(-w, 0)).append('V').append(Svg.n(-0.75 * tall));
        leaves.append('Q').append(at(-w, -tall)).append(' ').append(at(0, -tall));
        leaves.append('Q')
                .append(at(w, -tall))
                .append(' ')
                .append(at(w, -0.75 * tall))
                .append('V')
                .append('0')
                .append('Z');
        for (int i = -1; i <= 1; i++) {
            stems.append('M').append(at(i * w * 0.5, 0)).append('V').append(Svg.n(-0.85 * tall));
        }
    }

    private void floating() {
        int count = 5;
        for (int i = 0; i < count; i++) {
            double x = half * (2.0 * i / (count - 1) - 1) * 0.85;
            leaf(x - 0.25 * half, 0, x + 0.25 * half, -0.3 * tall, 0.35);
            curve(x, 0, x + 2, 0.4 * tall + 3, x - 2, 0.8 * tall + 6);
        }
    }
}
