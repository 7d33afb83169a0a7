package tanah.bench.site;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * The jobs of the crash test: one keeper reads archives in and one searches equipment while everything is killed. An archive is there
 * as a whole or not at all, and no job hangs for ever.
 */
final class CrashJobs {
    private static final int BOXES = 3;
    private static final Path EXAMPLE = Path.of("docs/examples/giant-millipede-box.json");
    private static final Pattern BOX = Pattern.compile("/enclosures/(\\d+)/ground");
    private static final String ON = "id=\"progress\"";
    private static final int PATIENCE = 240; // s: a silent job is given up after 90 and looked for every 15

    private final String base;
    private final String run;
    private final List<String> importers = new ArrayList<>();
    private final String searcher;
    private final byte[] archive;
    private final long searched;
    /** Of the keeper who imports now. */
    private final AtomicInteger acknowledged = new AtomicInteger();

    private final AtomicInteger taken = new AtomicInteger();
    private final AtomicInteger begun = new AtomicInteger();

    CrashJobs(String base, String run) throws IOException, InterruptedException {
        this.base = base;
        this.run = run;
        searcher = "searches " + run;
        archive = archive();
        Visitor visitor = new Visitor(base);
        visitor.register(searcher);
        visitor.get("/enclosures/import");
        HttpResponse<String> made =
                visitor.upload("/enclosures/import", "file", "box.json", Files.readAllBytes(EXAMPLE), Map.of());
        searched = Long.parseLong(made.uri().getPath().split("/")[2]);
    }

    private static byte[] archive() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("tanah-archive.json"));
            zip.write("{}".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < BOXES; i++) {
                zip.putNextEntry(new ZipEntry("enclosures/" + i + "-box/design.json"));
                zip.write(Files.readAllBytes(EXAMPLE));
            }
        }
        return out.toByteArray();
    }

    /** Another keeper each time: what a killed one read in keeps that one from the next for a while. */
    private Visitor importer() throws IOException, InterruptedException {
        String name = "imports " + run + " " + importers.size();
        Visitor visitor = new Visitor(base);
        acknowledged.set(0);
        visitor.register(name);
        importers.add(name);
        return visitor;
    }

    /** Reads archives in and begins searches, until the server dies. */
    void run(AtomicBoolean stop) {
        try {
            Visitor visitor = importer();
            Visitor other = new Visitor(base);
            other.signIn(searcher);
            String find = "/enclosures/" + searched + "/find";
            while (!stop.get()) {
                if (!other.get(find).body().contains(ON)) {
                    other.post(find + "/start", Map.of());
                    begun.incrementAndGet();
                }
                take(visitor, stop);
                Thread.sleep(200);
            }
        } catch (IOException | IllegalStateException e) {
            stop.set(true);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** One archive, to its end. The shelf after it is the answer: an archive of several enclosures leads there. */
    private void take(Visitor visitor, AtomicBoolean stop) throws IOException, InterruptedException {
        visitor.get("/enclosures/import");
        HttpResponse<String> answer = visitor.upload("/enclosures/import", "file", "boxes.zip", archive, Map.of());
        while (!stop.get() && answer.body().contains("<progress")) {
            Thread.sleep(100);
            answer = visitor.get(answer.uri().getPath());
        }
        if (answer.statusCode() == 200 && answer.uri().getPath().equals("/")) {
            acknowledged.incrementAndGet();
            taken.incrementAndGet();
        }
    }

    /**
     * After a restart.
     *
     * @return how many acknowledged archives are not there, and one for an archive that is there in part
     */
    int look() throws IOException, InterruptedException {
        if (importers.isEmpty()) {
            return 0;
        }
        Visitor visitor = new Visitor(base);
        visitor.signIn(importers.get(importers.size() - 1));
        int boxes = boxes(visitor.get("/"));
        int part = boxes % BOXES == 0 ? 0 : 1;
        return part + Math.max(0, acknowledged.get() - boxes / BOXES);
    }

    private static int boxes(HttpResponse<String> shelf) {
        return (int) BOX.matcher(shelf.body())
                .results()
                .map(r -> r.group(1))
                .distinct()
                .count();
    }

    /** After the last restart: how many jobs still hang when all should have been given up. */
    int hanging() throws IOException, InterruptedException {
        int hanging = 0;
        long end = System.nanoTime() + PATIENCE * 1_000_000_000L;
        for (String name : importers) {
            Visitor visitor = new Visitor(base);
            visitor.signIn(name);
            hanging += ends(visitor, "/enclosures/import", "href=\"/enclosures/import/", end) ? 0 : 1;
        }
        Visitor other = new Visitor(base);
        other.signIn(searcher);
        return hanging + (ends(other, "/enclosures/" + searched + "/find", ON, end) ? 0 : 1);
    }

    private static boolean ends(Visitor visitor, String page, String on, long end)
            throws IOException, InterruptedException {
        while (visitor.get(page).body().contains(on)) {
            if (System.nanoTime() > end) {
                return false;
            }
            Thread.sleep(1000);
        }
        return true;
    }

    int taken() {
        return taken.get();
    }

    String figures() {
        return taken + " archives of " + BOXES + " enclosures, " + begun + " searches begun";
    }
}
