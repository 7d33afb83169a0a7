package tanah.web.account;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;

/** Slows guessing of a password inside as at the door. */
public interface Brake {
    /** Counts a try that is about to be checked; how long to wait first, zero where it may be checked. */
    Duration attempt(Keeper keeper, HttpServletRequest request);

    /** It was the right one: tries from here are forgiven. */
    void passed(Keeper keeper, HttpServletRequest request);
}
