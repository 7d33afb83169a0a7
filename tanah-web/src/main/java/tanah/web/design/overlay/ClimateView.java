package tanah.web.design.overlay;

import java.util.List;
import java.util.Optional;
import tanah.core.light.Vec;
import tanah.core.time.Season;
import tanah.web.design.edit.NumberRow;

/**
 * What stands around the drawing on the stages of heat and air.
 *
 * @param fill     word of what fills the drawing
 * @param lines    word of what is drawn as lines
 * @param season   the hottest day or the coldest
 * @param hour     of the day
 * @param clock    the hour as people read it
 * @param known    whether there is a climate at all
 * @param whole    whether the whole day is computed
 * @param legend   bands of what fills it
 * @param rows     read at the probe
 * @param place    of the probe, in words
 * @param at       the probe (m); empty where there is no climate
 * @param x        of the probe (cm)
 * @param y        cm
 * @param z        cm
 * @param charts   of the day
 * @param key      of the lines in the charts
 * @param day      sums of the day
 */
public record ClimateView(
        String fill,
        String lines,
        Season season,
        double hour,
        String clock,
        boolean known,
        boolean whole,
        List<Band> legend,
        List<NumberRow> rows,
        String place,
        Optional<Vec> at,
        String x,
        String y,
        String z,
        List<String> charts,
        List<Key> key,
        List<NumberRow> day) {
    public boolean summer() {
        return season == Season.SUMMER;
    }

    /** Whether any of the legend is marked as wanted. */
    public boolean marked() {
        return legend.stream().anyMatch(Band::wanted);
    }

    /** A colour and the edge above it, or empty for the last; whether an animal wants something of it. */
    public record Band(String colour, String edge, boolean wanted) {}

    /** A line of a chart. */
    public record Key(String css, String name) {}
}
