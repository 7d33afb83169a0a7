package tanah.web.shell;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;

/** The page while the database is down: what was typed stands in it, and is sent again when the database is back. */
@Controller
class DownController {
    static final String PATH = "/down";

    private static final int RETRY = 5; // s
    private static final int MOST = 500_000; // characters that are carried along
    private static final String TOKEN = "_csrf";

    /** A field of the form that was not stored. */
    record Typed(String name, String value) {}

    @RequestMapping(PATH)
    String down(HttpServletRequest request, HttpServletResponse response, Model model) {
        if (request.getDispatcherType() != DispatcherType.FORWARD) {
            throw new NotFoundException(PATH);
        }
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", String.valueOf(RETRY));
        boolean sent = request.getMethod().equals("POST");
        if (!sent) {
            response.setHeader("Refresh", String.valueOf(RETRY));
        }
        boolean secret = request.getParameterMap().keySet().stream()
                .anyMatch(n -> n.toLowerCase(Locale.ROOT).contains("password"));
        boolean file = String.valueOf(request.getContentType()).startsWith("multipart/");
        List<Typed> typed = sent && !secret ? typed(request.getParameterMap()) : List.of();
        model.addAttribute("sent", sent);
        model.addAttribute("file", file);
        model.addAttribute("typed", typed);
        model.addAttribute("address", String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI)));
        return "error/down";
    }

    /** All fields, or none where they are more than a page carries. */
    private static List<Typed> typed(Map<String, String[]> fields) {
        List<Typed> typed = new ArrayList<>();
        long length = 0;
        for (Map.Entry<String, String[]> field : fields.entrySet()) {
            for (String value : field.getKey().equals(TOKEN) ? new String[0] : field.getValue()) {
                typed.add(new Typed(field.getKey(), value));
                length += value.length();
            }
        }
        return length > MOST ? List.of() : typed;
    }
}
