package tanah.core.light;

/**
 * Foliage that dims what passes through it by Beer's law (Monsi and Saeki 1953).
 *
 * @param box        that it fills
 * @param leafArea   area of leaves by area of plan
 * @param extinction by unit of leaf area, usually 0.5
 */
public record Leaves(Block box, double leafArea, double extinction) {
    /** Share that comes through on the way from one place to another. */
    public double through(Vec from, Vec to) {
        double way = box.inside(from, to);
        return way <= 0 ? 1 : Math.exp(-extinction * leafArea / box.height() * way);
    }
}
