package tanah.web.evaluate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
    private final BackgroundWork work = new BackgroundWork();
    private final ExecutorService pages = Executors.newCachedThreadPool();
    private final CountDownLatch gate = new CountDownLatch(1);

    @AfterEach
    void end() {
        gate.countDown();
        work.end();
        pages.shutdownNow();
    }

    private Integer blocked(Integer answer) {
        try {
            gate.await(30, TimeUnit.SECONDS);
            return answer;
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private Future<Optional<Integer>> ask(long keeper, Object key, BackgroundWork.Ticket ticket) {
        return pages.submit(() -> work.ask(keeper, key, ticket, stop -> blocked(7)));
    }

    /** Fills every thread, so that what follows waits. */
    private List<Future<Optional<Integer>>> occupy() throws InterruptedException {
        int threads = Runtime.getRuntime().availableProcessors();
        CountDownLatch busy = new CountDownLatch(threads);
        List<Future<Optional<Integer>>> all = new ArrayList<>();
        for (int i = 0; i < threads; i++) {
            Object key = "busy" + i;
            all.add(pages.submit(() -> work.ask(99, key, new BackgroundWork.Ticket(), stop -> {
                busy.countDown();
                return blocked(1);
            })));
        }
        assertThat(busy.await(20, TimeUnit.SECONDS)).isTrue();
        return all;
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
        Thread.sleep(100);
        gate.countDown();
        for (Future<Optional<Integer>> f : asked) {
            assertThat(f.get(20, TimeUnit.SECONDS)).contains(1);
        }
        assertThat(made).hasValue(1);
    }

    @Test
    void oneKeeperFillsOnlyHisShareAndOthersComeInTurn() throws Exception {
        occupy();
        List<Long> order = Collections.synchronizedList(new ArrayList<>());
        List<Future<Optional<Integer>>> mine = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            int n = i;
            mine.add(pages.submit(() -> work.ask(1, "mine" + n, new BackgroundWork.Ticket(), stop -> {
                order.add(1L);
                return 1;
            })));
        }
        Thread.sleep(200);
        Future<Optional<Integer>> theirs =
                pages.submit(() -> work.ask(2, "theirs", new BackgroundWork.Ticket(), stop -> {
                    order.add(2L);
                    return 2;
                }));
        Thread.sleep(100);
        gate.countDown();
        assertThat(theirs.get(20, TimeUnit.SECONDS)).contains(2);
        int given = 0;
        for (Future<Optional<Integer>> f : mine) {
            given += f.get(20, TimeUnit.SECONDS).isPresent() ? 1 : 0;
        }
        assertThat(given).as("the rest was told that it is busy").isBetween(12, 14);
        assertThat(order.indexOf(2L)).as("not behind all of the other's").isLessThanOrEqualTo(4);
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
        Thread.sleep(100);
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
