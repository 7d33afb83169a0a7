package tanah.web.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A search hears that it was stopped, also while it finds nothing to tell. */
class RunningTest {
    private final SearchMapper searches = mock(SearchMapper.class);
    private final AtomicLong now = new AtomicLong();
    private final Running running = new Running(searches, 7, "me", now::get);

    @BeforeEach
    void wanted() {
        when(searches.progress(anyLong(), anyString(), anyInt(), anyString())).thenReturn(1);
    }

    private void stopped() {
        when(searches.progress(anyLong(), anyString(), anyInt(), anyString())).thenReturn(0);
    }

    @Test
    void itTellsWhatIsNewAndNothingTwice() {
        running.tell(20, "room");
        running.tell(20, "room");
        running.tell(20, "room 0.5");
        verify(searches, times(1)).progress(7, "me", 20, "room");
        verify(searches, times(1)).progress(7, "me", 20, "room 0.5");
        assertThat(running.isStopped()).isFalse();
    }

    @Test
    void itAsksNoOftenerThanOnceASecondAndThenKnows() {
        running.tell(20, "room");
        stopped();
        now.addAndGet(Duration.ofSeconds(1).toNanos());
        assertThat(running.isStopped()).isFalse();
        now.incrementAndGet();
        assertThat(running.isStopped()).isTrue();
        wanted();
        now.addAndGet(Duration.ofHours(1).toNanos());
        assertThat(running.isStopped()).isTrue();
    }

    @Test
    void aDatabaseThatIsAwayStopsNothing() {
        when(searches.progress(anyLong(), anyString(), anyInt(), anyString()))
                .thenThrow(new IllegalStateException("away"));
        running.tell(20, "room");
        now.addAndGet(Duration.ofSeconds(2).toNanos());
        assertThat(running.isStopped()).isFalse();
        org.mockito.Mockito.reset(searches);
        stopped();
        now.addAndGet(Duration.ofSeconds(2).toNanos());
        assertThat(running.isStopped()).isTrue();
    }
}
