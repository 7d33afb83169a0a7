package tanah.web.shell;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.context.MessageSource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;

/** The answer to one request too many: made without a template and without the database, so that it costs next to nothing. */
@Component
public class Busy {
    private static final int AGAIN = 5; // s
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="%s"><head><meta charset="utf-8"/><meta name="viewport" content="width=device-width, initial-scale=1"/>
            <title>%s · Tanah</title><link rel="stylesheet" href="/webjars/bootstrap/dist/css/bootstrap.min.css"/>
            <link rel="stylesheet" href="/css/tokens.css"/><link rel="stylesheet" href="/css/frame.css"/>
            <link rel="stylesheet" href="/css/pages.css"/></head>
            <body class="plain"><main class="gate"><h1>%s</h1><p>%s</p></main></body></html>
            """;

    private final MessageSource messages;

    Busy(MessageSource messages) {
        this.messages = messages;
    }

    /** Answers 503; a page that was asked for asks again by itself. */
    public void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(AGAIN));
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        if (request.getMethod().equals("GET")) {
            response.setHeader("Refresh", String.valueOf(AGAIN));
        }
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        String head = word("error.503.busy", request);
        response.getWriter()
                .write(PAGE.formatted(request.getLocale().getLanguage(), head, head, word("error.503.again", request)));
    }

    private String word(String key, HttpServletRequest request) {
        return HtmlUtils.htmlEscape(messages.getMessage(key, null, request.getLocale()), "UTF-8");
    }
}
