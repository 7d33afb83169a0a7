package tanah.bench.site;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * What one keeper or a stranger may try against all others, bounded and on loopback: crowds of slow pages, guessed passwords, small
 * files that unpack to large ones, readings of decades, requests of odd form. Exit 0 if the site served others all the while.
 */
public final class Siege {
    private static final int CROWD = 210;
    private static final int CROWD_S = 15;
    private static final int WARM_UP = 30;
    private static final List<String> PLAIN = List.of("/", "/settings", "/catalogue/media");
    private static final double PLAIN_MS = 300;
    private static final int GUESSES = 40;
    private static final int MOST_CHECKED = 10;
    private static final int BOMBS = 6;

    private final String base;
    private final PrintStream out = System.out;
    private final String run = Long.toString(System.nanoTime(), 36);
    private final List<String> figures = new ArrayList<>();
    private final List<String> broken = new ArrayList<>();

    private Siege(String base) {
        this.base = base;
    }

    /** @param args address of a running Tanah, such as http://localhost:8080 */
    public static void main(String[] args) throws IOException, InterruptedException {
        Siege siege = new Siege(args[0]);
        siege.crowd();
        siege.guesses();
        siege.bombs();
        siege.decades();
        siege.odd();
        siege.afterwards();
        siege.broken.forEach(siege.out::println);
        boolean held = siege.broken.isEmpty();
        siege.out.println("siege: " + (held ? "held" : "NOT HELD") + "; " + String.join(", ", siege.figures));
        System.exit(held ? 0 : 1);
    }

    private Visitor keeper(String name) throws IOException, InterruptedException {
        Visitor visitor = new Visitor(base);
        visitor.register(name + " " + run);
        return visitor;
    }

    private void hold(boolean holds, String what) {
        if (!holds) {
            broken.add("broken: " + what);
        }
    }

    private <T> List<T> together(int count, Callable<T> work) throws InterruptedException {
        ExecutorService pool = Executors.newFixedThreadPool(count, Siege::attacker);
        List<Future<T>> all = pool.invokeAll(Collections.nCopies(count, work));
        pool.shutdown();
        List<T> done = new ArrayList<>();
        for (Future<T> f : all) {
            try {
                done.add(f.get());
            } catch (ExecutionException e) {
                hold(false, String.valueOf(e.getCause()));
            }
        }
        return done;
    }

    /** What an attacker computes is done on a machine of its own, and gives way here to the site and to who measures it. */
    private static Thread attacker(Runnable work) {
        Thread thread = new Thread(work);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    }

    /** One keeper asks for more slow pages at once than the site has threads; others go on reading. */
    private void crowd() throws IOException, InterruptedException {
        Visitor attacker = keeper("crowd");
        String slow = "/enclosures/" + attacker.begin() + "/candidates";
        Visitor other = keeper("reader");
        other.begin();
        for (int i = 0; i < WARM_UP; i++) {
            for (String page : PLAIN) {
                other.get(page);
            }
        }
        together(CROWD, () -> attacker.patient(slow).statusCode());
        List<Double> plain = Collections.synchronizedList(new ArrayList<>());
        boolean[] over = {false};
        Thread reader = new Thread(() -> {
            while (!over[0]) {
                for (String page : PLAIN) {
                    long before = System.nanoTime();
                    try {
                        hold(other.get(page).statusCode() == 200, page + " for others during the crowd");
                        plain.add((System.nanoTime() - before) / 1e6);
                        Thread.sleep(50);
                    } catch (IOException | InterruptedException e) {
                        hold(false, "others during the crowd: " + e);
                        return;
                    }
                }
            }
        });
        reader.start();
        List<Integer> answers = new ArrayList<>();
        long end = System.nanoTime() + CROWD_S * 1_000_000_000L;
        int waves = 0;
        for (; System.nanoTime() < end; waves++) {
            answers.addAll(together(CROWD, () -> attacker.patient(slow).statusCode()));
        }
        over[0] = true;
        reader.join();
        hold(answers.size() == waves * CROWD, "every request of the crowd is answered");
        hold(answers.stream().allMatch(s -> s == 200 || s == 503), "the crowd is answered or told to wait: " + answers);
        Collections.sort(plain);
        double p95 = plain.isEmpty() ? Double.NaN : plain.get((int) (0.95 * (plain.size() - 1)));
        hold(p95 < PLAIN_MS, "plain pages of others stay under " + PLAIN_MS + " ms");
        figures.add(String.format(
                Locale.ROOT,
                "crowds of %d: %d answered, %d told to wait, plain pages of others p95 %.0f ms of %d",
                CROWD,
                answers.stream().filter(s -> s == 200).count(),
                answers.stream().filter(s -> s == 503).count(),
                p95,
                plain.size()));
    }

    /** Passwords are guessed at once; few are checked, and the rightful keeper gets in by a device that is known. */
    private void guesses() throws IOException, InterruptedException {
        Visitor owner = keeper("rightful");
        owner.get("/sign-in");
        String name = "rightful " + run;
        List<Integer> answers = together(GUESSES, () -> {
            Visitor guesser = new Visitor(base);
            guesser.get("/sign-in");
            return guesser.post("/sign-in", Map.of("name", name, "password", "wrong and long enough"))
                    .statusCode();
        });
        long checked = answers.stream().filter(s -> s != 429).count();
        hold(checked <= MOST_CHECKED, checked + " of " + GUESSES + " guesses were checked");
        owner.post("/sign-out", Map.of());
        owner.signIn(name);
        hold(owner.get("/settings").uri().getPath().equals("/settings"), "the rightful keeper gets in");
        figures.add(checked + " of " + GUESSES + " guesses checked");
    }

    private void bombs() throws IOException, InterruptedException {
        byte[] archive = Bombs.archive();
        byte[] picture = Bombs.picture();
        Visitor attacker = keeper("bombs");
        String events = "/enclosures/" + attacker.begin() + "/events";
        attacker.get("/enclosures/import");
        List<Integer> taken = together(
                BOMBS,
                () -> attacker.upload("/enclosures/import", "file", "a.zip", archive, Map.of())
                        .statusCode());
        attacker.get(events + "/new");
        taken.addAll(together(
                BOMBS,
                () -> attacker.upload(events, "photo", "a.png", picture, Map.of("kind", "note", "note", "x"))
                        .statusCode()));
        hold(taken.size() == 2 * BOMBS && taken.stream().allMatch(s -> s < 500), "bombs are refused: " + taken);
        figures.add(String.format(
                Locale.ROOT,
                "%d files of %d and %d KB that unpack to 300 MB and more: no fault",
                taken.size(),
                archive.length / 1000,
                picture.length / 1000));
    }

    /** A small file of readings from 430 months. */
    private void decades() throws IOException, InterruptedException {
        Visitor attacker = keeper("decades");
        long id = attacker.begin();
        String form = "/enclosures/" + id + "/readings/import";
        ByteArrayOutputStream csv = new ByteArrayOutputStream();
        csv.writeBytes("time,place,rh_pct\n".getBytes(StandardCharsets.UTF_8));
        for (int month = 0; month < 430; month++) {
            csv.writeBytes(
                    String.format(Locale.ROOT, "%d-%02d-01T00:00:00Z,cool,60%n", 1990 + month / 12, month % 12 + 1)
                            .getBytes(StandardCharsets.UTF_8));
        }
        attacker.get(form);
        HttpResponse<String> look = attacker.upload(form, "file", "r.csv", csv.toByteArray(), Map.of());
        HttpResponse<String> taken = attacker.post(look.uri().getPath(), Map.of("since", "1990-01-01"));
        hold(
                look.statusCode() == 200 && taken.statusCode() == 200,
                "a file of decades: " + look.statusCode() + ", " + taken.statusCode());
        Visitor other = keeper("after decades");
        long before = System.nanoTime();
        hold(other.get("/enclosures/" + other.begin() + "/log").statusCode() == 200, "logs of others after it");
        figures.add(String.format(
                Locale.ROOT,
                "430 months taken, a new keeper's box and log after it in %.1f s",
                (System.nanoTime() - before) / 1e9));
    }

    private void odd() throws IOException, InterruptedException {
        Visitor visitor = keeper("odd");
        long id = visitor.begin();
        String box = "/enclosures/" + id;
        List<Integer> answers = new ArrayList<>();
        for (String page : List.of(
                "/register",
                box + "/ground?part[0]=x",
                box + "/ground?w[]=1&h[0]=2",
                box + "/why?field[0]=1",
                box + "/log?days=99999999999",
                box + "/log?place=%07&kind=%1b",
                box + "/history?from=x&to=-1",
                "/enclosures/99999999999999999999/ground",
                "/catalogue/animals?q=%ff%fe",
                "/r/aaaaaa",
                "/schema/x",
                box + "/ground?view=" + "x".repeat(5000),
                "/enclosures/new?length=1e999999&vessel=own")) {
            answers.add(visitor.get(page).statusCode());
        }
        for (Map<String, String> form : List.of(
                Map.of("op", "depth", "part", "soil", "value", "\u0007"),
                Map.of("op[0]", "depth", "value[]", "1"),
                Map.of("op", "depth", "part", "soil", "value", "1e999999", "base", "99999999999"),
                Map.of("op", "x".repeat(100_000)))) {
            answers.add(visitor.live(box + "/ground", form).statusCode());
        }
        answers.add(visitor.raw(box + "/events", "multipart/form-data; boundary=x", "--x\r\nno end")
                .statusCode());
        answers.add(visitor.raw(box + "/events", "multipart/form-data", "no boundary")
                .statusCode());
        answers.add(visitor.raw("/enclosures", "application/x-www-form-urlencoded", "a=%zz&=&&%")
                .statusCode());
        hold(answers.stream().allMatch(s -> s < 500), "odd requests are no faults: " + answers);
        figures.add(answers.size() + " odd requests: no fault");
    }

    private void afterwards() throws IOException, InterruptedException {
        long before = System.nanoTime();
        hold(new Visitor(base).get("/sign-in").statusCode() == 200, "the door stands afterwards");
        hold(new Visitor(base).get("/health").statusCode() == 200, "it is healthy afterwards");
        figures.add(String.format(
                Locale.ROOT, "door and health afterwards in %.0f ms", (System.nanoTime() - before) / 1e6));
    }
}
