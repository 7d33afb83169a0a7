package tanah.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/** Told when somebody got in, by signing in or by registering: the browser is known from then on. */
public interface Arrivals {
    /** Before the answer is sent. */
    void arrived(Keeper keeper, String name, HttpServletRequest request, HttpServletResponse response);
}
