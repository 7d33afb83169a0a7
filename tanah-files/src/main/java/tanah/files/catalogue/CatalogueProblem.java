package tanah.files.catalogue;

/**
 * A cell of a data file that is not accepted.
 *
 * @param file     name of the data file
 * @param line     from 1
 * @param column   name of the column
 * @param value    what stands there
 * @param what     what is wrong
 * @param accepted what would be accepted
 */
public record CatalogueProblem(String file, long line, String column, String value, String what, String accepted) {
    @Override
    public String toString() {
        return file + " line " + line + ", " + column + " = \"" + value + "\": " + what + "; accepted: " + accepted;
    }
}
