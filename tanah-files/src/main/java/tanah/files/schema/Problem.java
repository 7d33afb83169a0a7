package tanah.files.schema;

/**
 * Something in a document that is not accepted.
 *
 * @param pointer  where, as a JSON pointer (RFC 6901)
 * @param what     what is wrong
 * @param accepted what would be accepted
 */
public record Problem(String pointer, String what, String accepted) {
    @Override
    public String toString() {
        return (pointer.isEmpty() ? "/" : pointer) + ": " + what + "; accepted: " + accepted;
    }
}
