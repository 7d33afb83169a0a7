package tanah.web.enclosure;

/** What somebody may do with an enclosure; each grade holds those below it. */
public enum Role {
    READER(1),
    ASSISTANT(2),
    KEEPER(3),
    OWNER(4);

    private final int grade;

    Role(int grade) {
        this.grade = grade;
    }

    /** As the database's view of access counts. */
    public int grade() {
        return grade;
    }

    public boolean mayChange() {
        return grade >= KEEPER.grade;
    }

    public boolean mayLog() {
        return grade >= ASSISTANT.grade;
    }

    public boolean owns() {
        return this == OWNER;
    }

    static Role of(String word) {
        return valueOf(word.toUpperCase(java.util.Locale.ROOT));
    }
}
