package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import tanah.web.account.Keeper;
import tanah.web.shell.Busy;

/** One who asks for everything at once gets his share; all others are answered as if he were not there. */
@Timeout(30)
class FairShareTest {
    private final Busy busy = mock(Busy.class, call -> {
        call.<MockHttpServletResponse>getArgument(1).setStatus(503);
        return null;
    });
    private final FairShare fair = new FairShare(busy);
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final CountDownLatch open = new CountDownLatch(1);
    private final AtomicInteger running = new AtomicInteger();

    @AfterEach
    void end() {
        open.countDown();
        threads.shutdownNow();
    }

    private static Keeper keeper(long id) {
        Keeper keeper = mock(Keeper.class);
        when(keeper.id()).thenReturn(id);
        return keeper;
    }

    private int ask(Object who, String path, FilterChain chain) throws Exception {
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(who, "", List.of()));
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setServletPath(path);
        MockHttpServletResponse response = new MockHttpServletResponse();
        try {
            fair.doFilter(request, response, chain);
        } finally {
            SecurityContextHolder.clearContext();
        }
        return response.getStatus();
    }

    private List<Future<Integer>> crowd(Keeper keeper, int count) {
        List<Future<Integer>> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(threads.submit(() -> ask(keeper, "/slow", (q, a) -> {
                running.incrementAndGet();
                await();
            })));
        }
        return all;
    }

    private void await() {
        try {
            open.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static long done(List<Future<Integer>> all) {
        return all.stream().filter(Future::isDone).count();
    }

    @Test
    void aCrowdOfOneGetsItsShareAndTheRestIsToldToComeAgain() throws Exception {
        int beyond = 7;
        List<Future<Integer>> all = crowd(keeper(1), FairShare.AT_ONCE + FairShare.WAITING + beyond);
        while (done(all) < beyond || running.get() < FairShare.AT_ONCE) {
            Thread.sleep(5);
        }
        assertThat(running.get()).isEqualTo(FairShare.AT_ONCE);
        assertThat(ask(keeper(2), "/", (q, a) -> {})).as("somebody else").isEqualTo(200);
        assertThat(ask("stranger", "/sign-in", (q, a) -> {})).isEqualTo(200);
        assertThat(ask(keeper(1), "/css/frame.css", (q, a) -> {})).as("a file").isEqualTo(200);
        open.countDown();
        int answered = 0;
        int later = 0;
        for (Future<Integer> f : all) {
            answered += f.get() == 200 ? 1 : 0;
            later += f.get() == 503 ? 1 : 0;
        }
        assertThat(answered).isEqualTo(FairShare.AT_ONCE + FairShare.WAITING);
        assertThat(later).isEqualTo(beyond);
        assertThat(fair.keepers()).as("nothing is kept of who has gone").isZero();
    }

    @Test
    void aFaultGivesTheTurnBack() throws Exception {
        Keeper keeper = keeper(1);
        for (int i = 0; i < FairShare.AT_ONCE + FairShare.WAITING + 1; i++) {
            try {
                ask(keeper, "/", (q, a) -> {
                    throw new IllegalStateException("broken");
                });
            } catch (IllegalStateException e) {
                assertThat(e).hasMessage("broken");
            }
        }
        assertThat(ask(keeper, "/", (q, a) -> {})).isEqualTo(200);
        assertThat(fair.keepers()).isZero();
    }
}
