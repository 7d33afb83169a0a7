package tanah.bench.site;

import java.io.IOException;
import java.io.PrintStream;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;

/**
 * Twenty keepers edit at once: each drags a layer (drafts that save nothing) and lets go (a save), and thinks between.
 * Exit 0 if the 95th percentile from edit to answer stays under the limit and nothing failed.
 */
public final class Load {
    private static final int KEEPERS = 20;
    private static final int WARM_UP_S = 20;
    private static final int SECONDS = 40;
    private static final int THINK_MS = 700;
    private static final double LIMIT_MS = 150;

    private Load() {}

    /** @param args address of a running Tanah, such as http://localhost:8080 */
    public static void main(String[] args) throws InterruptedException {
        PrintStream out = System.out;
        ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
        ConcurrentLinkedQueue<String> errors = new ConcurrentLinkedQueue<>();
        CountDownLatch ready = new CountDownLatch(KEEPERS);
        List<Thread> keepers = new ArrayList<>();
        String run = Long.toString(System.nanoTime(), 36);
        for (int i = 0; i < KEEPERS; i++) {
            int number = i;
            Thread keeper = new Thread(() -> {
                try {
                    keep(args[0], run + " " + number, number, ready, times);
                } catch (IOException | RuntimeException e) {
                    errors.add(name(number) + e);
                    ready.countDown();
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
            });
            keeper.start();
            keepers.add(keeper);
        }
        for (Thread keeper : keepers) {
            keeper.join();
        }
        List<Double> sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        errors.stream().limit(5).forEach(out::println);
        double p50 = percentile(sorted, 0.5);
        double p95 = percentile(sorted, 0.95);
        double p99 = percentile(sorted, 0.99);
        boolean holds = errors.isEmpty() && !sorted.isEmpty() && p95 < LIMIT_MS;
        out.printf(
                Locale.ROOT,
                "load: %s; %d keepers, %d edits in %d s, p50 %.0f ms, p95 %.0f ms (limit %.0f), p99 %.0f ms, %d errors%n",
                holds ? "held" : "NOT HELD",
                KEEPERS,
                sorted.size(),
                SECONDS,
                p50,
                p95,
                LIMIT_MS,
                p99,
                errors.size());
        System.exit(holds ? 0 : 1);
    }

    private static void keep(
            String base, String name, int number, CountDownLatch ready, ConcurrentLinkedQueue<Double> times)
            throws IOException, InterruptedException {
        Visitor visitor = new Visitor(base);
        visitor.register("load " + name);
        String ground = "/enclosures/" + visitor.begin() + "/ground";
        int revision = Visitor.revision(visitor.live(ground, Map.of("op", "level", "part", "none")));
        ready.countDown();
        ready.await();
        Random random = new Random(number);
        Thread.sleep(random.nextInt(THINK_MS));
        long start = System.nanoTime();
        long warm = start + WARM_UP_S * 1_000_000_000L;
        long end = warm + SECONDS * 1_000_000_000L;
        while (System.nanoTime() < end) {
            boolean draft = random.nextInt(3) > 0;
            Map<String, String> form = Map.of(
                    "op",
                    "depth",
                    "part",
                    "soil",
                    "value",
                    (40 + random.nextInt(60)) / 10.0 + " cm",
                    "base",
                    String.valueOf(revision),
                    "draft",
                    String.valueOf(draft));
            long before = System.nanoTime();
            HttpResponse<String> answer = visitor.live(ground, form);
            long after = System.nanoTime();
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("answer " + answer.statusCode());
            }
            revision = Visitor.revision(answer);
            if (before > warm) {
                times.add((after - before) / 1e6);
            }
            Thread.sleep(THINK_MS / 2 + random.nextInt(THINK_MS));
        }
    }

    private static String name(int number) {
        return "keeper " + number + ": ";
    }

    private static double percentile(List<Double> sorted, double share) {
        return sorted.isEmpty()
                ? Double.NaN
                : sorted.get((int) Math.min(sorted.size() - 1, Math.ceil(share * sorted.size())));
    }
}
