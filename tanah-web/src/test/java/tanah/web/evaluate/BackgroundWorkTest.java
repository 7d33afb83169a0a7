package tanah.web.evaluate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** One computation for all who ask, keepers in turn, a queue that is bounded, nothing computed for nobody. */
class BackgroundWorkTest {
    private static final int THREADS = Runtime.getRuntime().availableProcessors();
    private final BackgroundWork work = new BackgroundWork();
    private final ExecutorService pages = Executors.newCachedThreadPool();
    private final CountDownLatch gate = new CountDownLatch(1);
    private final CountDownLatch first = new CountDownLatch(1);

    @AfterEach
    void end() {
        first.countDown();
        gate.countDown();
        work.end();
        pages.shutdownNow();
    }

    private static Integer blocked(CountDownLatch until, Integer answer) {
        try {
            until.await(30, TimeUnit.SECONDS);
            return answer;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private Future<Optional<Integer>> ask(long keeper, Object key, BackgroundWork.Ticket ticket) {
        return pages.submit(() -> work.ask(keeper, key, ticket, stop -> blocked(gate, 7)));
    }

    /** Fills every thread, so that what follows waits. */
    private void occupy() throws InterruptedException {
        CountDownLatch busy = new CountDownLatch(THREADS);
        for (int i = 0; i < THREADS; i++) {
            Object key = "busy" + i;
            CountDownLatch until = i == 0 ? first : gate;
            pages.submit(() -> work.ask(99, key, new BackgroundWork.Ticket(), stop -> {
                busy.countDown();
                return blocked(until, 1);
            }));
        }
        assertThat(busy.await(20, TimeUnit.SECONDS)).isTrue();
    }

    /** Until so many pages wait beside those that occupy the threads. */
    private void untilAsking(int pages) {
        await().atMost(20, TimeUnit.SECONDS).until(() -> work.asking() == THREADS + pages);
    }

    @Test
    void theSameIsComputedOnce() throws Exception {
        occupy();
        AtomicInteger made = new AtomicInteger();
        List<Future<Optional<Integer>>> asked = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            long keeper = i;
            asked.add(pages.submit(
                    () -> work.ask(keeper, "one", new BackgroundWork.Ticket(), stop -> made.incrementAndGet())));
        }
        untilAsking(5);
        gate.countDown();
        for (Future<Optional<Integer>> f : asked) {
            assertThat(f.get(20, TimeUnit.SECONDS)).contains(1);
        }
        assertThat(made).hasValue(1);
    }

    private Future<Optional<Integer>> recorded(long keeper, Object key, List<Long> order) {
        return pages.submit(() -> work.ask(keeper, key, new BackgroundWork.Ticket(), stop -> {
            order.add(keeper);
            return 1;
        }));
    }

    @Test
    void oneKeeperFillsOnlyHisShareAndOthersComeInTurn() throws Exception {
        occupy();
        List<Long> order = Collections.synchronizedList(new ArrayList<>());
        List<Future<Optional<Integer>>> mine = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            mine.add(recorded(1, "mine" + i, order));
        }
        untilAsking(12);
        await().atMost(20, TimeUnit.SECONDS)
                .until(() -> mine.stream().filter(Future::isDone).count() == 28);
        Future<Optional<Integer>> theirs = recorded(2, "theirs", order);
        untilAsking(13);
        // one thread alone goes on, so that the order is one
        first.countDown();
        assertThat(theirs.get(20, TimeUnit.SECONDS)).contains(1);
        int given = 0;
        for (Future<Optional<Integer>> f : mine) {
            given += f.get(20, TimeUnit.SECONDS).isPresent() ? 1 : 0;
        }
        assertThat(given).as("the rest was told that it is busy").isEqualTo(12);
        assertThat(order.indexOf(2L))
                .as("in turn, not behind all of the other's")
                .isEqualTo(1);
    }

    @Test
    void whatNobodyWaitsForIsStopped() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        BackgroundWork.Ticket ticket = new BackgroundWork.Ticket();
        Future<Optional<Integer>> asked = pages.submit(() -> work.ask(1, "long", ticket, stop -> {
            begun.countDown();
            while (!stop.getAsBoolean()) {
                Thread.onSpinWait();
            }
            stopped.countDown();
            return 1;
        }));
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        ticket.leave();
        assertThat(asked.get(20, TimeUnit.SECONDS)).isEmpty();
        assertThat(stopped.await(20, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void whatSomebodyElseWaitsForGoesOn() throws Exception {
        occupy();
        BackgroundWork.Ticket leaves = new BackgroundWork.Ticket();
        Future<Optional<Integer>> first = ask(1, "both", leaves);
        Future<Optional<Integer>> second = ask(2, "both", new BackgroundWork.Ticket());
        untilAsking(2);
        leaves.leave();
        assertThat(first.get(20, TimeUnit.SECONDS)).isEmpty();
        gate.countDown();
        assertThat(second.get(20, TimeUnit.SECONDS)).contains(7);
    }

    @Test
    void aFaultReachesWhoAskedAndTheQueueGoesOn() {
        assertThatThrownBy(() -> work.ask(1, "bad", new BackgroundWork.Ticket(), stop -> {
                    throw new IllegalArgumentException("no such box");
                }))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(work.ask(1, "good", new BackgroundWork.Ticket(), stop -> 3)).contains(3);
    }
}
