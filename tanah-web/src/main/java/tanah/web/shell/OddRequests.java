package tanah.web.shell;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Requests that no page of ours makes: told so, and no fault of the site. */
@ControllerAdvice
class OddRequests {
    @ExceptionHandler(InvalidPropertyException.class)
    void field(HttpServletResponse response) throws IOException {
        response.sendError(HttpServletResponse.SC_BAD_REQUEST);
    }

    /** Letters that cannot be decoded, such as {@code %zz}. */
    @ExceptionHandler(InvalidParameterException.class)
    void letters(HttpServletResponse response) throws IOException {
        response.sendError(HttpServletResponse.SC_BAD_REQUEST);
    }

    @ExceptionHandler(MultipartException.class)
    void parts(MultipartException e, HttpServletResponse response) throws IOException {
        response.sendError(
                e instanceof MaxUploadSizeExceededException
                        ? HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE
                        : HttpServletResponse.SC_BAD_REQUEST);
    }
}
