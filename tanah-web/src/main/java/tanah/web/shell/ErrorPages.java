package tanah.web.shell;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.DispatcherServlet;

/** Error pages in the product's look. What broke goes to the log once, with the number that the page shows. */
@Controller
class ErrorPages implements ErrorController {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorPages.class);

    private final SecureRandom random = new SecureRandom();

    @RequestMapping("/error")
    String error(HttpServletRequest request, HttpServletResponse response, Model model) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        if (status == null) {
            status = HttpStatus.NOT_FOUND;
        }
        model.addAttribute("status", status.value());
        response.setStatus(status.value());
        Object cause = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
        if (cause == null) {
            // one that has a status of its own is kept here
            cause = request.getAttribute(DispatcherServlet.EXCEPTION_ATTRIBUTE);
        }
        if (status == HttpStatus.SERVICE_UNAVAILABLE) {
            response.setHeader("Retry-After", "5");
            response.setHeader("Refresh", "5");
            return "error/503";
        }
        if (status.is5xxServerError()) {
            String report = String.format(Locale.ROOT, "%08X", random.nextInt());
            LOG.error("report {}", report, cause instanceof Throwable thrown ? thrown : null);
            model.addAttribute("report", report);
        }
        if (cause instanceof ForbiddenException forbidden) {
            model.addAttribute("least", forbidden.least());
        }
        if (cause instanceof LimitException limit) {
            model.addAttribute("limit", limit.key());
            model.addAttribute("most", limit.limit());
        }
        return switch (status) {
            case FORBIDDEN -> "error/403";
            case BAD_REQUEST -> "error/400";
            case NOT_FOUND, METHOD_NOT_ALLOWED -> "error/404";
            case CONTENT_TOO_LARGE -> "error/413";
            case TOO_MANY_REQUESTS -> "error/429";
            default -> status.is5xxServerError() ? "error/500" : "error/404";
        };
    }
}
