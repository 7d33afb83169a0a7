package tanah.web.shell;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** This keeper may see it, but not do this with it. */
@ResponseStatus(HttpStatus.FORBIDDEN)
public final class ForbiddenException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String least;

    /** @param least the least role that may */
    public ForbiddenException(String least) {
        super("only a " + least + " may do this");
        this.least = least;
    }

    /** The least role that may. */
    public String least() {
        return least;
    }
}
