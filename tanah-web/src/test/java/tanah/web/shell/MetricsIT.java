package tanah.web.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalManagementPort;
import org.springframework.boot.test.web.server.LocalServerPort;
import tanah.web.SharedApplication;

/** Whoever runs the site reads its figures on the machine itself; nobody reads them elsewhere. */
@SharedApplication
class MetricsIT {
    @LocalManagementPort
    private int figures;

    @LocalServerPort
    private int site;

    private static HttpResponse<String> get(int port, String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void figuresOfPagesMemoryAndDatabaseStandOnTheirPage() throws Exception {
        assertThat(get(site, "/sign-in").statusCode()).isEqualTo(200);
        HttpResponse<String> page = get(figures, "/metrics");
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body())
                .contains("tanah_pages_waiting", "jvm_memory_used_bytes", "hikaricp_connections_active")
                .contains("http_server_requests_seconds_count");
    }

    @Test
    void theSiteItselfDoesNotShowThem() throws Exception {
        for (String path : List.of("/metrics", "/actuator", "/actuator/prometheus", "/actuator/env", "/prometheus")) {
            HttpResponse<String> page = get(site, path);
            assertThat(page.statusCode()).as(path).isEqualTo(302);
            assertThat(page.headers().firstValue("Location")).as(path).hasValue("/sign-in");
        }
    }

    @Test
    void theirPortShowsNothingElse() throws Exception {
        for (String path : List.of("/", "/env", "/heapdump", "/beans", "/shutdown", "/settings", "/health")) {
            assertThat(get(figures, path).body()).as(path).doesNotContain("jvm_", "java.", "password_hash");
            assertThat(get(figures, path).statusCode()).as(path).isNotEqualTo(200);
        }
    }

    @Test
    void theyListenOnLoopbackAlone() throws Exception {
        List<InetAddress> outer = NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(a -> !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                .toList();
        for (InetAddress address : outer) {
            assertThatThrownBy(() -> new Socket(address, figures).close())
                    .as(address.getHostAddress())
                    .isInstanceOf(IOException.class);
        }
        assertThat(get(figures, "/metrics").statusCode()).isEqualTo(200);
    }
}
