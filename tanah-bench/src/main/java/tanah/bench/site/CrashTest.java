package tanah.bench.site;

import java.io.File;
import java.io.IOException;
import java.io.PrintStream;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Kills the application and its database at random moments while keepers save, starts them again and looks for every
 * write that was acknowledged. Exit 0 if none is missing.
 *
 * <p>Environment: TANAH_JAR, TANAH_DB_START (a command that starts the database and waits), TANAH_DB_FOLDER, and what
 * the application reads.
 */
public final class CrashTest {
    private static final int KILLS = 30;
    private static final int WRITERS = 4;

    private final PrintStream out = System.out;
    private final String base;
    private final Map<String, Acknowledged> written = new ConcurrentHashMap<>();
    private final AtomicInteger writes = new AtomicInteger();
    private Process application;

    private CrashTest(String base) {
        this.base = base;
    }

    /** What the server has said yes to for one keeper. */
    private static final class Acknowledged {
        private final long enclosure;
        private final Map<Integer, String> revisions = new ConcurrentHashMap<>();
        private final Map<String, String> readings = new ConcurrentHashMap<>();

        Acknowledged(long enclosure) {
            this.enclosure = enclosure;
        }
    }

    /** @param args address at which the application will listen */
    private static final int TRIES = 5;

    private static final long PAUSE = 2000; // ms

    public static void main(String[] args) throws IOException, InterruptedException {
        new CrashTest(args[0]).run();
    }

    private void run() throws IOException, InterruptedException {
        long began = System.nanoTime();
        start();
        String run = Long.toString(System.nanoTime(), 36);
        List<String> names = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            String name = "crash " + run + " " + i;
            Visitor visitor = new Visitor(base);
            visitor.register(name);
            written.put(name, new Acknowledged(visitor.begin()));
            names.add(name);
        }
        CrashJobs jobs = new CrashJobs(base, run);
        Random random = new Random(20261123);
        int missing = 0;
        int kills = 0;
        for (; kills < KILLS; kills++) {
            AtomicBoolean stop = new AtomicBoolean();
            List<Thread> writers = new ArrayList<>();
            for (String name : names) {
                Thread writer = new Thread(() -> write(name, stop));
                writer.start();
                writers.add(writer);
            }
            Thread worker = new Thread(() -> jobs.run(stop));
            worker.start();
            writers.add(worker);
            awaitWrites(writes.get());
            Thread.sleep(random.nextInt(2000));
            kill(random);
            stop.set(true);
            for (Thread writer : writers) {
                writer.join();
            }
            start();
            missing += look(names) + jobs.look();
            out.println("kill " + (kills + 1) + ": " + writes.get() + " acknowledged writes, " + missing + " missing");
        }
        int hanging = jobs.hanging();
        application.destroy();
        application.waitFor(20, TimeUnit.SECONDS);
        boolean held = missing == 0 && hanging == 0 && writes.get() > KILLS && jobs.taken() > 0;
        out.printf(
                Locale.ROOT,
                "crash-test: %s; %d kills, %d acknowledged writes, %s, %d missing, %d jobs hanging, %d s%n",
                held ? "nothing lost" : "LOST",
                kills,
                writes.get(),
                jobs.figures(),
                missing,
                hanging,
                (System.nanoTime() - began) / 1_000_000_000L);
        System.exit(held ? 0 : 1);
    }

    /** Waits until saving has begun again, so that every kill falls among saves. */
    private void awaitWrites(int before) throws InterruptedException {
        for (int i = 0; i < 200 && writes.get() == before; i++) {
            Thread.sleep(50);
        }
    }

    /** Saves depths and readings as fast as they are acknowledged, until the server dies. */
    private void write(String name, AtomicBoolean stop) {
        Acknowledged mine = written.get(name);
        Random random = new Random();
        String path = "/enclosures/" + mine.enclosure;
        try {
            Visitor visitor = new Visitor(base);
            visitor.signIn(name);
            visitor.get(path + "/ground");
            while (!stop.get()) {
                String depth = (40 + random.nextInt(600)) / 10.0 + "";
                HttpResponse<String> answer =
                        visitor.live(path + "/ground", Map.of("op", "depth", "part", "soil", "value", depth + " cm"));
                if (answer.statusCode() == 200) {
                    mine.revisions.put(Visitor.revision(answer), depth);
                    writes.incrementAndGet();
                }
                String client = UUID.randomUUID().toString();
                String value = (150 + random.nextInt(100)) / 10.0 + "";
                HttpResponse<String> read = visitor.post(
                        path + "/readings",
                        Map.of("place", "p-room", "kind", "temp_air", "value", value + " C", "clientId", client));
                if (read.statusCode() == 200) {
                    mine.readings.put(client, value);
                    writes.incrementAndGet();
                }
            }
        } catch (IOException | IllegalStateException e) {
            // the server was killed under the request: what was not acknowledged may be there or not
            stop.set(true);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** A busy machine may not answer at once after a restart; that is no lost write. */
    private Visitor signedIn(String name) throws IOException, InterruptedException {
        for (int i = 1; ; i++) {
            try {
                Visitor visitor = new Visitor(base);
                visitor.signIn(name);
                return visitor;
            } catch (IOException e) {
                if (i == TRIES) {
                    throw e;
                }
                Thread.sleep(PAUSE);
            }
        }
    }

    /** How many acknowledged writes are not there. */
    private int look(List<String> names) throws IOException, InterruptedException {
        int missing = 0;
        for (String name : names) {
            Acknowledged mine = written.get(name);
            Visitor visitor = signedIn(name);
            String path = "/enclosures/" + mine.enclosure;
            int newest = mine.revisions.keySet().stream()
                    .mapToInt(Integer::intValue)
                    .max()
                    .orElse(0);
            HttpResponse<String> archive = visitor.get(path + "/design.json");
            String readings = visitor.get(path + "/readings.csv").body();
            long kept = readings.lines().count() - 1;
            if (kept < mine.readings.size()) {
                missing += (int) (mine.readings.size() - kept);
            }
            String revisions = visitor.get(path + "/revisions").body();
            for (Map.Entry<Integer, String> save : mine.revisions.entrySet()) {
                // the summary of a save names the depth that it made
                String depth = String.format(Locale.ROOT, "%.1f", Double.parseDouble(save.getValue()));
                boolean listed = revisions.matches("(?s).*aria-label=\"Revision " + save.getKey()
                        + " as the new one\".{0,400}?→ " + depth.replace(".", "\\.") + "\\u2009cm.*");
                if (!listed && save.getKey() > newest - 300) {
                    missing++;
                }
            }
            if (archive.statusCode() != 200) {
                missing++;
            }
        }
        return missing;
    }

    private void start() throws IOException, InterruptedException {
        command(List.of("bash", "-c", System.getenv("TANAH_DB_START")));
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Xmx512m",
                "-jar",
                System.getenv("TANAH_JAR"));
        builder.redirectErrorStream(true)
                .redirectOutput(
                        ProcessBuilder.Redirect.appendTo(new File(System.getenv("TANAH_DB_FOLDER") + "-app.log")));
        application = builder.start();
        for (int i = 0; i < 600; i++) {
            try {
                if (new Visitor(base).get("/sign-in").statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                Thread.sleep(100);
            }
            if (!application.isAlive()) {
                command(List.of("tail", "-n", "30", System.getenv("TANAH_DB_FOLDER") + "-app.log"));
                throw new IllegalStateException("the application did not start again");
            }
        }
        throw new IllegalStateException("the application did not answer within a minute");
    }

    /** Kill -9, in either order, at the same moment. */
    private void kill(Random random) throws IOException, InterruptedException {
        if (random.nextBoolean()) {
            application.destroyForcibly();
        }
        Path pid = Path.of(System.getenv("TANAH_DB_FOLDER"), "postmaster.pid");
        String number = Files.readAllLines(pid).get(0).strip();
        command(List.of("bash", "-c", "kids=$(pgrep -P " + number + "); kill -9 " + number + " $kids; true"));
        application.destroyForcibly();
        application.waitFor();
    }

    private static void command(List<String> command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).inheritIO().start();
        if (process.waitFor() != 0) {
            throw new IllegalStateException("failed: " + command);
        }
    }
}
