package tanah.web.shell;

import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a proxy or a supervisor asks: whether the process lives, and whether it can serve. Says nothing else about it. */
@RestController
class HealthController {
    private static final int PATIENCE = 1; // s

    private final DataSource database;

    HealthController(DataSource database) {
        this.database = database;
    }

    /** The process answers; restarting it would not bring a database back. */
    @GetMapping("/health/live")
    ResponseEntity<String> live() {
        return answer(HttpStatus.OK, "live");
    }

    /** The process and its database answer. */
    @GetMapping({"/health", "/health/ready"})
    ResponseEntity<String> ready() {
        try (Connection connection = database.getConnection()) {
            return connection.isValid(PATIENCE)
                    ? answer(HttpStatus.OK, "ready")
                    : answer(HttpStatus.SERVICE_UNAVAILABLE, "database down");
        } catch (SQLException e) {
            return answer(HttpStatus.SERVICE_UNAVAILABLE, "database down");
        }
    }

    private static ResponseEntity<String> answer(HttpStatus status, String text) {
        return ResponseEntity.status(status)
                .cacheControl(CacheControl.noStore())
                .body(text);
    }
}
