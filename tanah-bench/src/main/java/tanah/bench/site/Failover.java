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
import java.util.Queue;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Twenty keepers write on two applications behind a proxy while the database that both use is killed and its standby promoted. Writes down what was
 * acknowledged, for whoever looks into the database afterwards. Exit 0 if everybody writes again in time.
 */
public final class Failover {
    private static final int WRITERS = 20;
    private static final int READERS = 10;
    private static final int BEFORE_S = 10;
    private static final int AFTER_S = 25;
    private static final double LIMIT_S = 10;
    private static final int THINK_MS = 150;
    private static final int OK = 200;

    private final String base;
    private final Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
    private final Queue<String> faults = new ConcurrentLinkedQueue<>();
    private final CountDownLatch ready = new CountDownLatch(WRITERS + READERS);
    private final AtomicInteger reads = new AtomicInteger();
    private final AtomicInteger failedReads = new AtomicInteger();
    private final Queue<Double> again = new ConcurrentLinkedQueue<>();
    private final String run = Long.toString(System.nanoTime(), 36);
    private volatile long killed = Long.MAX_VALUE;
    private volatile boolean ended;

    private Failover(String base) {
        this.base = base;
    }

    /** @param args address of the proxy, the file for what was acknowledged, and a command that kills and promotes */
    public static void main(String[] args) throws Exception {
        PrintStream out = System.out;
        Failover test = new Failover(args[0]);
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < WRITERS + READERS; i++) {
            int number = i;
            Thread thread = new Thread(() -> test.keep(number));
            thread.start();
            threads.add(thread);
        }
        test.ready.await();
        Thread.sleep(BEFORE_S * 1000L);
        int before = test.acknowledged.size();
        test.killed = System.nanoTime();
        int code = new ProcessBuilder("bash", "-c", args[2]).inheritIO().start().waitFor();
        double promoted = (System.nanoTime() - test.killed) / 1e9;
        Thread.sleep(AFTER_S * 1000L);
        test.ended = true;
        for (Thread thread : threads) {
            thread.join();
        }
        Files.write(Path.of(args[1]), test.acknowledged);
        double slowest =
                test.again.stream().mapToDouble(Double::doubleValue).max().orElse(Double.POSITIVE_INFINITY);
        boolean holds = code == 0
                && before > WRITERS
                && test.again.size() == WRITERS
                && slowest < LIMIT_S
                && test.faults.isEmpty();
        test.faults.stream().limit(5).forEach(out::println);
        out.printf(
                Locale.ROOT,
                "failover: %s; standby promoted after %.1f s, %d of %d keepers write again, the last after %.1f s (limit %.0f), "
                        + "%d writes acknowledged (%d before), %d of %d reads failed meanwhile%n",
                holds ? "in time" : "NOT IN TIME",
                promoted,
                test.again.size(),
                WRITERS,
                slowest,
                LIMIT_S,
                test.acknowledged.size(),
                before,
                test.failedReads.get(),
                test.reads.get());
        System.exit(holds ? 0 : 1);
    }

    private void keep(int number) {
        try {
            Visitor visitor = new Visitor(base);
            visitor.register("failover " + run + " " + number);
            long enclosure = visitor.begin();
            ready.countDown();
            ready.await();
            if (number < WRITERS) {
                write(visitor, enclosure, new Random(number));
            } else {
                read(visitor, enclosure);
            }
        } catch (IOException | RuntimeException e) {
            faults.add("keeper " + number + ": " + e);
            ready.countDown();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void write(Visitor visitor, long enclosure, Random random) throws InterruptedException {
        boolean seen = false;
        while (!ended) {
            long began = System.nanoTime();
            boolean saved =
                    random.nextInt(3) == 0 ? edit(visitor, enclosure, random) : reading(visitor, enclosure, random);
            if (saved && !seen && began > killed) {
                seen = true;
                again.add((System.nanoTime() - killed) / 1e9);
            }
            Thread.sleep(THINK_MS / 2 + random.nextInt(THINK_MS));
        }
    }

    private boolean edit(Visitor visitor, long enclosure, Random random) throws InterruptedException {
        String depth = String.format(Locale.ROOT, "%.1f", (40 + random.nextInt(600)) / 10.0);
        try {
            HttpResponse<String> answer = visitor.live(
                    "/enclosures/" + enclosure + "/ground",
                    Map.of("op", "depth", "part", "soil", "value", depth + " cm"));
            if (answer.statusCode() != OK) {
                return false;
            }
            acknowledged.add("edit," + enclosure + "," + Visitor.revision(answer) + "," + depth);
            return true;
        } catch (IOException | IllegalStateException e) {
            return false; // not acknowledged: it may be there or not
        }
    }

    private boolean reading(Visitor visitor, long enclosure, Random random) throws InterruptedException {
        String client = UUID.randomUUID().toString();
        String value = String.format(Locale.ROOT, "%.1f", (150 + random.nextInt(100)) / 10.0);
        try {
            HttpResponse<String> answer = visitor.post(
                    "/enclosures/" + enclosure + "/readings",
                    Map.of("place", "p-room", "kind", "temp_air", "value", value + " C", "clientId", client));
            if (answer.statusCode() != OK) {
                return false;
            }
            acknowledged.add("reading," + enclosure + "," + client + "," + value);
            return true;
        } catch (IOException e) {
            return false;
        }
    }

    private void read(Visitor visitor, long enclosure) throws InterruptedException {
        while (!ended) {
            boolean done;
            try {
                done = visitor.get("/enclosures/" + enclosure + "/log").statusCode() == OK;
            } catch (IOException e) {
                done = false;
            }
            if (System.nanoTime() > killed) {
                reads.incrementAndGet();
                failedReads.addAndGet(done ? 0 : 1);
            }
            Thread.sleep(2 * THINK_MS);
        }
    }
}
