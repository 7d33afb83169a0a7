package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import tanah.web.SharedApplication;

/** Requests as they come over the line: odd ones are told so, strangers' names are not answered, files and health need nobody. */
@SharedApplication
class RequestsIT {
    private final int port;

    @Autowired
    RequestsIT(@LocalServerPort int port) {
        this.port = port;
    }

    private String send(String first, String host, String rest) throws IOException {
        try (Socket line = new Socket(InetAddress.getLoopbackAddress(), port)) {
            line.setSoTimeout(30_000);
            line.getOutputStream()
                    .write((first + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n" + rest)
                            .getBytes(StandardCharsets.ISO_8859_1));
            return new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static int status(String answer) {
        return Integer.parseInt(answer.split(" ", 3)[1]);
    }

    @ParameterizedTest
    @CsvSource({
        "localhost, /sign-in, 200",
        "fern.local, /sign-in, 200",
        "evil.example.com, /sign-in, 400",
        "evil.example.com, /health, 400",
        "localhost, /error, 404",
        "localhost, /down, 302",
        "localhost, /health/live, 200",
        "localhost, /health/ready, 200",
        "localhost, /health, 200",
        "localhost, /sign-in?name%5B0%5D=x, 200"
    })
    void aNameOfTheSiteIsAnswered(String host, String path, int status) throws IOException {
        String answer = send("GET " + path, host, "\r\n");
        assertThat(status(answer)).isEqualTo(status);
        assertThat(answer).doesNotContain("Exception").doesNotContain("at tanah.web");
        if (status == 302) {
            assertThat(answer).as("nobody's name gets into it").contains("Location: /sign-in");
        }
    }

    @Test
    void theManifestIsOne() throws IOException {
        assertThat(send("GET /r/manifest.webmanifest", "localhost", "\r\n").toLowerCase(java.util.Locale.ROOT))
                .contains("content-type: application/manifest+json");
    }

    @ParameterizedTest
    @CsvSource({
        "multipart/form-data; boundary=x, '--x no end'",
        "multipart/form-data, no boundary",
        "application/x-www-form-urlencoded, a=%zz&=&&%"
    })
    void aBrokenFormIsNoFaultOfTheSite(String type, String body) throws IOException {
        String answer = send(
                "POST /register",
                "localhost",
                "Content-Type: " + type + "\r\nContent-Length: " + body.length() + "\r\n\r\n" + body);
        assertThat(status(answer)).isBetween(400, 499);
    }

    /** Told so, and not in the log as a fault. */
    @ParameterizedTest
    @ValueSource(strings = {"/sign-in?name=%ff%fe", "/register?name=%zz", "/join/x?q=%ff"})
    void lettersThatCannotBeReadAreNoFaultOfTheSite(String path) throws IOException {
        Logger container = (Logger) LoggerFactory.getLogger("org.apache.catalina.core.ContainerBase");
        ListAppender<ILoggingEvent> seen = new ListAppender<>();
        seen.start();
        container.addAppender(seen);
        try {
            assertThat(status(send("GET " + path, "localhost", "\r\n"))).isLessThan(500);
        } finally {
            container.detachAppender(seen);
        }
        assertThat(seen.list).filteredOn(e -> e.getLevel() == Level.ERROR).isEmpty();
    }
}
