package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import jakarta.servlet.http.Cookie;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.MessageSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** So many requests of one session at once, and no more; told at the door, in the product's look, and asked again. */
class CrowdFilterTest {
    private final MessageSource messages = mock(MessageSource.class);
    private final CrowdFilter crowd = new CrowdFilter(new Busy(messages));

    private MockHttpServletResponse ask(String method, String session, String path, FilterChain chain)
            throws Exception {
        when(messages.getMessage("error.503.busy", null, Locale.ENGLISH)).thenReturn("Busy <now>");
        when(messages.getMessage("error.503.again", null, Locale.ENGLISH)).thenReturn("It asks again.");
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        request.setServletPath(path);
        request.addPreferredLocale(Locale.ENGLISH);
        if (!session.isEmpty()) {
            request.setCookies(new Cookie("tanah", session));
        }
        MockHttpServletResponse response = new MockHttpServletResponse();
        crowd.doFilter(request, response, chain);
        return response;
    }

    /** Each request asks the next one before it is answered. */
    private void nested(int deep, FilterChain innermost) throws Exception {
        ask("GET", "one", "/", (q, a) -> {
            try {
                if (deep > 1) {
                    nested(deep - 1, innermost);
                } else {
                    innermost.doFilter(q, a);
                }
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
    }

    @ParameterizedTest
    @CsvSource({
        "24, one, /, 200",
        "25, one, /, 503",
        "25, two, /, 200",
        "25, '', /, 200",
        "25, one, /css/frame.css, 200",
        "25, one, /health, 200"
    })
    void oneMoreOfASessionIsOneTooMany(int inside, String session, String path, int status) throws Exception {
        int[] found = {0};
        nested(inside, (q, a) -> {
            try {
                found[0] = ask("GET", session, path, (x, y) -> {}).getStatus();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        assertThat(found[0]).isEqualTo(status);
        assertThat(crowd.sessions()).as("nothing is kept of who has gone").isZero();
    }

    @ParameterizedTest
    @CsvSource({"GET, 5", "POST, "})
    void thePageSaysSoAndOnlyOneThatWasAskedForAsksAgain(String method, String refresh) throws Exception {
        MockHttpServletResponse[] found = new MockHttpServletResponse[1];
        nested(CrowdFilter.MOST, (q, a) -> {
            try {
                found[0] = ask(method, "one", "/", (x, y) -> {});
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        assertThat(found[0].getHeader("Retry-After")).isEqualTo("5");
        assertThat(found[0].getHeader("Refresh")).isEqualTo(refresh);
        assertThat(found[0].getContentAsString()).contains("Busy &lt;now&gt;").contains("It asks again.");
    }

    @Test
    void aFaultLetsTheNextOneIn() throws Exception {
        try {
            ask("GET", "one", "/", (q, a) -> {
                throw new IllegalStateException("broken");
            });
        } catch (IllegalStateException e) {
            assertThat(e).hasMessage("broken");
        }
        assertThat(crowd.sessions()).isZero();
    }
}
