package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import java.sql.SQLException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Only a database that does not answer is said to be one. */
class DatabaseDownFilterTest {
    private final MockHttpServletRequest request = new MockHttpServletRequest("POST", "/enclosures/1/events");
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    private static FilterChain failing(Exception e) {
        return (q, a) -> {
            if (e instanceof RuntimeException r) {
                throw r;
            }
            throw new ServletException(e);
        };
    }

    static Stream<Exception> down() {
        return Stream.of(
                new CannotCreateTransactionException("x"),
                new TransactionSystemException("x", new SQLException("Connection is closed")),
                new DataAccessResourceFailureException("x"),
                new IllegalStateException(new SQLException("gone", "08006")),
                new SQLException("gone", "08001"),
                new IllegalStateException(new SQLException("shutting down", "57P01")),
                new IllegalStateException(new SQLException("starting", "57P03")));
    }

    @ParameterizedTest
    @MethodSource("down")
    void aDatabaseThatDoesNotAnswerGetsItsPage(Exception e) throws Exception {
        new DatabaseDownFilter().doFilter(request, response, failing(e));
        assertThat(response.getForwardedUrl()).isEqualTo(DownController.PATH);
    }

    static Stream<Exception> others() {
        return Stream.of(
                new DataIntegrityViolationException("x", new SQLException("too long", "22001")),
                new IllegalStateException(new SQLException("no state")),
                new NotFoundException("x"),
                new BusyException("x"));
    }

    @ParameterizedTest
    @MethodSource("others")
    void anyOtherFaultGoesOn(Exception e) {
        assertThatThrownBy(() -> new DatabaseDownFilter().doFilter(request, response, failing(e)))
                .isSameAs(e);
        assertThat(response.getForwardedUrl()).isNull();
    }

    @Test
    void anAnswerThatHasBegunIsNotBegunAgain() {
        response.setCommitted(true);
        assertThatThrownBy(() -> new DatabaseDownFilter()
                        .doFilter(request, response, failing(new DataAccessResourceFailureException("x"))))
                .isInstanceOf(DataAccessResourceFailureException.class);
    }
}
