package tanah.bench.site;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A keeper's browser without a screen: cookies, the token of the forms, gets and posts. */
final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" content=\"([^\"]+)\"");
    private static final Pattern REVISION = Pattern.compile("data-revision=\"(\\d+)\"");
    private static final int REDIRECTS = 5;
    private static final Duration PATIENCE = Duration.ofSeconds(15);

    private final HttpClient client;
    private final String base;
    private String token = "";

    Visitor(String base) {
        this.base = base;
        this.client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager(null, CookiePolicy.ACCEPT_ALL))
                .followRedirects(HttpClient.Redirect.NEVER)
                .version(HttpClient.Version.HTTP_1_1)
                .connectTimeout(PATIENCE)
                .build();
    }

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = send(request(path).GET());
        Matcher found = TOKEN.matcher(answer.body());
        if (found.find()) {
            token = found.group(1);
        }
        return answer;
    }

    HttpResponse<String> post(String path, Map<String, String> form) throws IOException, InterruptedException {
        return send(written(path, form));
    }

    /** A page that may take its time. */
    HttpResponse<String> patient(String path) throws IOException, InterruptedException {
        return once(request(path).timeout(PATIENCE.multipliedBy(8)).GET().build());
    }

    /** Any body at all. */
    HttpResponse<String> raw(String path, String type, String body) throws IOException, InterruptedException {
        return once(request(path)
                .header("Content-Type", type)
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    /** A form with a file. */
    HttpResponse<String> upload(String path, String field, String name, byte[] file, Map<String, String> form)
            throws IOException, InterruptedException {
        String edge = "tanah-" + Integer.toHexString(name.hashCode());
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        form.forEach((k, v) -> body.writeBytes(
                ("--" + edge + "\r\nContent-Disposition: form-data; name=\"" + k + "\"\r\n\r\n" + v + "\r\n")
                        .getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(("--" + edge + "\r\nContent-Disposition: form-data; name=\"" + field + "\"; filename=\"" + name
                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(request(path)
                .timeout(PATIENCE.multipliedBy(8))
                .header("Content-Type", "multipart/form-data; boundary=" + edge)
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** As the page's own script posts: answered with the parts that change. */
    HttpResponse<String> live(String path, Map<String, String> form) throws IOException, InterruptedException {
        return client.send(written(path, form).header("X-Tanah", "live").build(), HttpResponse.BodyHandlers.ofString());
    }

    /** As the page's own script asks for another view, or for the whole day. */
    HttpResponse<String> look(String path) throws IOException, InterruptedException {
        return once(request(path)
                .timeout(PATIENCE.multipliedBy(4))
                .header("X-Tanah", "live")
                .GET()
                .build());
    }

    // Redirects are followed here: the JDK's client leaves the timer of a redirected request running, and 15 s later
    // that
    // closes whatever other request uses the connection by then.
    private HttpResponse<String> send(HttpRequest.Builder builder) throws IOException, InterruptedException {
        HttpResponse<String> answer = once(builder.build());
        for (int i = 0; i < REDIRECTS && answer.statusCode() / 100 == 3; i++) {
            String to = answer.headers().firstValue("Location").orElseThrow();
            answer = once(request(answer.uri().resolve(to)).GET().build());
        }
        return answer;
    }

    private HttpResponse<String> once(HttpRequest request) throws IOException, InterruptedException {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IOException(request.method() + " " + request.uri().getPath() + ": " + e, e);
        }
    }

    private HttpRequest.Builder written(String path, Map<String, String> form) {
        String body = form.entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body));
    }

    private HttpRequest.Builder request(String path) {
        return request(URI.create(base + path));
    }

    private static HttpRequest.Builder request(URI address) {
        return HttpRequest.newBuilder(address).timeout(PATIENCE).header("Accept-Language", "en-GB");
    }

    /** Registers; the visitor is signed in then. */
    void register(String name) throws IOException, InterruptedException {
        get("/register");
        expect(post("/register", Map.of("name", name, "password", "a long enough word")), "/first");
        get("/");
    }

    void signIn(String name) throws IOException, InterruptedException {
        get("/sign-in");
        post("/sign-in", Map.of("name", name, "password", "a long enough word"));
        get("/");
    }

    /** Begins an enclosure and returns its id. */
    long begin() throws IOException, InterruptedException {
        HttpResponse<String> made = post(
                "/enclosures",
                Map.of("species", "theloderma-corticale", "vessel", "palud-glass-90x45x60", "count", "4"));
        expect(made, "/ground");
        return Long.parseLong(made.uri().getPath().split("/")[2]);
    }

    private static void expect(HttpResponse<String> answer, String end) {
        if (answer.statusCode() != 200 || !answer.uri().getPath().endsWith(end)) {
            throw new IllegalStateException("expected " + end + ", got " + answer.statusCode() + " " + answer.uri());
        }
    }

    /** The revision that an answer of the ground page carries. */
    static int revision(HttpResponse<String> answer) {
        Matcher found = REVISION.matcher(answer.body());
        if (!found.find()) {
            throw new IllegalStateException("no revision in the answer " + answer.statusCode());
        }
        return Integer.parseInt(found.group(1));
    }
}
