package tanah.core.finding;

/**
 * Where a finding is pegged.
 *
 * @param stage the stage that holds the thing
 * @param part  id of the part in the design, or empty for the whole stage
 */
public record Place(Stage stage, String part) implements Comparable<Place> {

    public static Place of(Stage stage) {
        return new Place(stage, "");
    }

    public static Place part(Stage stage, String id) {
        return new Place(stage, id);
    }

    /** The id of the part, or the stage's word. */
    public String word() {
        return part.isEmpty() ? stage.word() : part;
    }

    @Override
    public int compareTo(Place other) {
        int byStage = stage.compareTo(other.stage);
        return byStage != 0 ? byStage : part.compareTo(other.part);
    }
}
