package tanah.web.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.support.SessionFlashMapManager;

/** What one page tells the next. Files and health ask for nothing, so that they need neither session nor database. */
@Component("flashMapManager")
public class Flashes extends SessionFlashMapManager {
    private static final List<String> WITHOUT_SESSION =
            List.of("/css/", "/js/", "/fonts/", "/vendor/", "/webjars/", "/health");

    /** Whether a request is one that no session is read for. */
    public static boolean isWithoutSession(HttpServletRequest request) {
        String path = request.getServletPath();
        return WITHOUT_SESSION.stream().anyMatch(path::startsWith);
    }

    @Override
    protected @Nullable List<FlashMap> retrieveFlashMaps(HttpServletRequest request) {
        return isWithoutSession(request) ? null : super.retrieveFlashMaps(request);
    }
}
