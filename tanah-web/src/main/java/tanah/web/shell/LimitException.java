package tanah.web.shell;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** A keeper has stored as much as one may here. */
@ResponseStatus(HttpStatus.TOO_MANY_REQUESTS)
public final class LimitException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String what;
    private final long limit;

    /** @param what is counted, the last part of a message key */
    public LimitException(String what, long limit) {
        super(limit + " " + what);
        this.what = what;
        this.limit = limit;
    }

    /** The message that says it. */
    public String key() {
        return "limit." + what;
    }

    public long limit() {
        return limit;
    }
}
