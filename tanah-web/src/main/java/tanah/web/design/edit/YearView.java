package tanah.web.design.edit;

import java.util.List;

/**
 * The year ahead below a drawing.
 *
 * @param charts each with its title and what its lines mean
 * @param note   how far it can be trusted
 */
public record YearView(List<Chart> charts, String note) {
    public YearView {
        charts = List.copyOf(charts);
    }

    /**
     * One quantity.
     *
     * @param title what it is, with its unit
     * @param svg   drawn
     * @param key   its lines
     */
    public record Chart(String title, String svg, List<Key> key) {
        public Chart {
            key = List.copyOf(key);
        }
    }

    /** A line: the css word of its stroke and what it stands for. */
    public record Key(String style, String name) {}
}
