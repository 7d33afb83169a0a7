package tanah.web.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The outermost filter: where the database does not answer, the page says so in the product's look and keeps what was typed. No
 * page can be made without the database further in, not even that of an error: the session is in it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DatabaseDownFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseDownFilter.class);
    private static final String CONNECTION = "08"; // class of SQLSTATE
    private static final String STOPPED = "57P"; // shutting down, or starting

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            if (response.isCommitted() || !isDown(e)) {
                throw e;
            }
            LOG.warn("the database does not answer: {}", String.valueOf(root(e).getMessage()));
            response.reset();
            request.setAttribute(RequestDispatcher.ERROR_REQUEST_URI, request.getRequestURI());
            request.getRequestDispatcher(DownController.PATH).forward(request, response);
        }
    }

    private static boolean isDown(@Nullable Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            // one that broke off in the middle cannot be rolled back either
            if (t instanceof CannotCreateTransactionException
                    || t instanceof TransactionSystemException
                    || t instanceof DataAccessResourceFailureException) {
                return true;
            }
            if (t instanceof SQLException sql
                    && sql.getSQLState() != null
                    && (sql.getSQLState().startsWith(CONNECTION)
                            || sql.getSQLState().startsWith(STOPPED))) {
                return true;
            }
        }
        return false;
    }

    private static Throwable root(Throwable e) {
        Throwable root = e;
        while (root.getCause() != null) {
            root = root.getCause();
        }
        return root;
    }
}
