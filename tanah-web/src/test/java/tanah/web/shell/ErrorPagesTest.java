package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.RequestDispatcher;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.web.servlet.DispatcherServlet;

/** What a page of an error says, and with which status. */
class ErrorPagesTest {
    private final ErrorPages pages = new ErrorPages();
    private final MockHttpServletRequest request = new MockHttpServletRequest();
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final ExtendedModelMap model = new ExtendedModelMap();

    private String of(int status) {
        request.setAttribute(RequestDispatcher.ERROR_STATUS_CODE, status);
        return pages.error(request, response, model);
    }

    @ParameterizedTest
    @CsvSource({
        "400, error/400, 400", "403, error/403, 403", "404, error/404, 404", "405, error/404, 405",
                "413, error/413, 413",
        "429, error/429, 429", "500, error/500, 500", "502, error/500, 502", "503, error/503, 503",
                "418, error/404, 418"
    })
    void eachStatusHasItsPage(int status, String page, int answered) {
        assertThat(of(status)).isEqualTo(page);
        assertThat(response.getStatus()).isEqualTo(answered);
        assertThat(model.containsAttribute("report")).isEqualTo(status >= 500 && status != 503);
    }

    @Test
    void whoAsksForAnErrorFindsNone() {
        assertThat(pages.error(request, response, model)).isEqualTo("error/404");
        assertThat(response.getStatus()).isEqualTo(404);
    }

    @Test
    void whatIsMissingIsSaid() {
        request.setAttribute(DispatcherServlet.EXCEPTION_ATTRIBUTE, new LimitException("enclosures", 2));
        of(429);
        assertThat(model.get("limit")).isEqualTo("limit.enclosures");
        assertThat(model.get("most")).isEqualTo(2L);
        request.setAttribute(RequestDispatcher.ERROR_EXCEPTION, new ForbiddenException("keeper"));
        of(403);
        assertThat(model.get("least")).isEqualTo("keeper");
    }
}
