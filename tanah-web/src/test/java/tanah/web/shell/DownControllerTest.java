package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.DispatcherType;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

/** What was typed stays in the page of a database that is down; what is secret does not. */
class DownControllerTest {
    private final DownController controller = new DownController();
    private final MockHttpServletRequest request = new MockHttpServletRequest("POST", "/down");
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final ExtendedModelMap model = new ExtendedModelMap();

    @BeforeEach
    void forwarded() {
        request.setDispatcherType(DispatcherType.FORWARD);
        request.addParameter("note", "two crickets");
        request.addParameter("_csrf", "token");
    }

    @SuppressWarnings("unchecked")
    private List<DownController.Typed> typed() {
        return (List<DownController.Typed>) model.get("typed");
    }

    @Test
    void whatWasSentIsKept() {
        request.addParameter("photo", "a", "b");
        assertThat(controller.down(request, response, model)).isEqualTo("error/down");
        assertThat(typed())
                .containsExactly(
                        new DownController.Typed("note", "two crickets"),
                        new DownController.Typed("photo", "a"),
                        new DownController.Typed("photo", "b"));
        assertThat(response.getStatus()).isEqualTo(503);
        assertThat(response.getHeader("Retry-After")).isEqualTo("5");
        assertThat(response.getHeader("Refresh"))
                .as("a page that holds something is not loaded anew")
                .isNull();
    }

    @Test
    void aPageThatWasAskedForIsAskedForAgain() {
        request.setMethod("GET");
        controller.down(request, response, model);
        assertThat(typed()).isEmpty();
        assertThat(response.getHeader("Refresh")).isEqualTo("5");
    }

    @Test
    void aPasswordIsNotWrittenIntoAPage() {
        request.addParameter("newPassword", "moss");
        controller.down(request, response, model);
        assertThat(typed()).isEmpty();
    }

    @Test
    void moreThanAPageCarriesIsNotCutInHalf() {
        request.addParameter("long", "x".repeat(500_000 - 12));
        controller.down(request, response, model);
        assertThat(typed()).hasSize(2);
        request.addParameter("more", "x");
        controller.down(request, response, model);
        assertThat(typed()).isEmpty();
    }

    @Test
    void nobodyIsShownItWhoAsksForIt() {
        request.setDispatcherType(DispatcherType.REQUEST);
        assertThatThrownBy(() -> controller.down(request, response, model)).isInstanceOf(NotFoundException.class);
    }
}
