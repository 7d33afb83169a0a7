package tanah.web.design.edit;

/**
 * A number in words.
 *
 * @param label  what
 * @param value  with its unit
 * @param figure id of the figure that explains it, or empty
 */
public record NumberRow(String label, String value, String figure) {
    public NumberRow(String label, String value) {
        this(label, value, "");
    }
}
