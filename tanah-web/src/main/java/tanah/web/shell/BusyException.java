package tanah.web.shell;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** There is more to compute than the queue takes; the page says so and asks again by itself. */
@ResponseStatus(HttpStatus.SERVICE_UNAVAILABLE)
public final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public BusyException(String what) {
        super(what);
    }
}
