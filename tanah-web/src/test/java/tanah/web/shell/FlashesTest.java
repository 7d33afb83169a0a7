package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletRequest;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A file and health ask for nothing: a session is not looked up for them, so they are there while the database is not. */
class FlashesTest {
    @ParameterizedTest
    @CsvSource({
        "/css/frame.css, 0",
        "/js/down.js, 0",
        "/health/ready, 0",
        "/webjars/x.css, 0",
        "/, 1",
        "/enclosures/1/ground, 1"
    })
    void onlyPagesReadTheSession(String path, int reads) {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.getServletPath()).thenReturn(path);
        assertThat(new Flashes().retrieveFlashMaps(request)).isNull();
        verify(request, times(reads)).getSession(anyBoolean());
    }
}
