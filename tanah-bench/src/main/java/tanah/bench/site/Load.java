package tanah.bench.site;

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
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;

/**
 * Fifty keepers at once: thirty read plain pages, twenty edit an enclosure of their own and wait for the whole day after each edit, and
 * all think between. Exit 0 if pages, steady answers and whole answers hold their limits at the 95th percentile, nothing failed and the
 * application stayed below its memory.
 */
public final class Load {
    private static final int READERS = 30;
    private static final int EDITORS = 20;
    private static final int WARM_UP_S = 30;
    private static final int AT_THE_DOOR = 4;
    private static final int SECONDS = 60;
    private static final int READ_MS = 2000;
    private static final int THINK_MS = 3000;

    /** The page's own script waits so long before it asks for the whole day. */
    private static final int QUIET_MS = 300;

    private static final double MOST_MEMORY_MB = 1000;

    /** What is said under a drawing that knows the steady state alone. */
    private static final String DAY_TO_COME = "day-note";

    private static final List<String> PLAIN = List.of("/", "/settings", "/catalogue/animals", "/stock", "/account");

    private final String base;
    private final Timed pages = new Timed("pages", 250);
    private final Timed steady = new Timed("steady answers", 400);
    private final Timed whole = new Timed("whole answers", 6000);
    private final Semaphore door = new Semaphore(AT_THE_DOOR);
    private final ConcurrentLinkedQueue<String> errors = new ConcurrentLinkedQueue<>();
    private final CountDownLatch ready = new CountDownLatch(READERS + EDITORS);
    private final String run = Long.toString(System.nanoTime(), 36);

    private Load(String base) {
        this.base = base;
    }

    /** Times of one kind of answer (ms), and their limit. */
    private record Timed(String what, double limit, ConcurrentLinkedQueue<Double> times) {
        Timed(String what, double limit) {
            this(what, limit, new ConcurrentLinkedQueue<>());
        }

        double at(double share) {
            List<Double> sorted = times.stream().sorted().toList();
            return sorted.isEmpty()
                    ? Double.POSITIVE_INFINITY
                    : sorted.get((int) Math.min(sorted.size() - 1, Math.ceil(share * sorted.size())));
        }

        boolean holds() {
            return at(0.95) < limit;
        }

        String said() {
            return String.format(
                    Locale.ROOT,
                    "%d %s p50 %.0f ms, p95 %.0f ms (limit %.0f), p99 %.0f ms",
                    times.size(),
                    what,
                    at(0.5),
                    at(0.95),
                    limit,
                    at(0.99));
        }
    }

    /** When the warm-up is over, and the end, both of the clock of nanoseconds. */
    private record Span(long warm, long end) {
        static Span now() {
            long warm = System.nanoTime() + WARM_UP_S * 1_000_000_000L;
            return new Span(warm, warm + SECONDS * 1_000_000_000L);
        }

        boolean isOver() {
            return System.nanoTime() >= end;
        }

        void note(long before, Timed into) {
            if (before > warm) {
                into.times().add((System.nanoTime() - before) / 1e6);
            }
        }
    }

    /** What a keeper does; may fail. */
    private interface Doing {
        void run(int number) throws IOException, InterruptedException;
    }

    /** @param args address of a running Tanah, such as http://localhost:8080, and the number of its process */
    public static void main(String[] args) throws Exception {
        PrintStream out = System.out;
        Load load = new Load(args[0]);
        List<Thread> keepers = new ArrayList<>();
        for (int i = 0; i < READERS + EDITORS; i++) {
            keepers.add(load.begin(i, i < READERS ? load::read : load::edit));
        }
        for (Thread keeper : keepers) {
            keeper.join();
        }
        double memory = memory(args[1]);
        boolean holds = load.errors.isEmpty()
                && memory < MOST_MEMORY_MB
                && Stream.of(load.pages, load.steady, load.whole).allMatch(Timed::holds);
        load.errors.stream().limit(5).forEach(out::println);
        out.printf(
                Locale.ROOT,
                "load: %s; %d read and %d edit for %d s; %s; %s; %s; %.0f MB resident at most (limit %.0f), %d errors%n",
                holds ? "held" : "NOT HELD",
                READERS,
                EDITORS,
                SECONDS,
                load.pages.said(),
                load.steady.said(),
                load.whole.said(),
                memory,
                MOST_MEMORY_MB,
                load.errors.size());
        System.exit(holds ? 0 : 1);
    }

    private Thread begin(int number, Doing doing) {
        Thread keeper = new Thread(() -> {
            try {
                doing.run(number);
            } catch (IOException | RuntimeException e) {
                errors.add("keeper " + number + ": " + e);
                ready.countDown();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        keeper.start();
        return keeper;
    }

    private Span together(Random random, int within) throws InterruptedException {
        ready.countDown();
        ready.await();
        Span span = Span.now();
        Thread.sleep(random.nextInt(within));
        return span;
    }

    /** A new keeper; they come a few at a time, since hashing a password costs more than what is measured here. */
    private Visitor registered(String name) throws IOException, InterruptedException {
        door.acquire();
        try {
            Visitor visitor = new Visitor(base);
            visitor.register(name);
            return visitor;
        } finally {
            door.release();
        }
    }

    private void read(int number) throws IOException, InterruptedException {
        Visitor visitor = registered("reads " + run + " " + number);
        String log = "/enclosures/" + visitor.begin() + "/log";
        Random random = new Random(number);
        Span span = together(random, READ_MS);
        while (!span.isOver()) {
            int which = random.nextInt(PLAIN.size() + 1);
            long before = System.nanoTime();
            demand(visitor.get(which < PLAIN.size() ? PLAIN.get(which) : log));
            span.note(before, pages);
            Thread.sleep(READ_MS / 2 + random.nextInt(READ_MS));
        }
    }

    private void edit(int number) throws IOException, InterruptedException {
        Visitor visitor = registered("edits " + run + " " + number);
        String ground = "/enclosures/" + visitor.begin() + "/ground";
        int revision = Visitor.revision(visitor.live(ground, Map.of("op", "level", "part", "none")));
        Random random = new Random(number);
        Span span = together(random, THINK_MS);
        while (!span.isOver()) {
            String depth = (400 + random.nextInt(600)) / 100.0 + " cm";
            long before = System.nanoTime();
            HttpResponse<String> answer = visitor.live(
                    ground, Map.of("op", "depth", "part", "soil", "value", depth, "base", String.valueOf(revision)));
            demand(answer);
            span.note(before, steady);
            revision = Visitor.revision(answer);
            Thread.sleep(QUIET_MS);
            before = System.nanoTime();
            do {
                answer = visitor.look(ground + "?whole=true&notes=closed");
                demand(answer);
            } while (answer.body().contains(DAY_TO_COME) && !span.isOver());
            span.note(before, whole);
            Thread.sleep(THINK_MS / 2 + random.nextInt(THINK_MS));
        }
    }

    private static void demand(HttpResponse<String> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(
                    "answer " + answer.statusCode() + " of " + answer.uri().getPath());
        }
    }

    /** The most that a process had resident (MB of a million bytes). */
    private static double memory(String process) throws IOException {
        return Files.readAllLines(Path.of("/proc", process, "status")).stream()
                .filter(l -> l.startsWith("VmHWM:"))
                .mapToDouble(l -> Double.parseDouble(l.replaceAll("\\D", "")) * 1024 / 1e6)
                .findFirst()
                .orElseThrow();
    }
}
