package tanah.web.need;

/**
 * A need as a range.
 *
 * @param label what
 * @param value range with unit
 * @param svg bar
 * @param source standing
 */
public record NeedView(String label, String value, String svg, String source) {}
