package tanah.web.evaluate;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Long computations behind the pages. As many run as there are processors; what waits is bounded, taken from keepers in turn, made
 * once for all who ask for the same, and given up when nobody waits for it any more.
 */
@Component
public class BackgroundWork {
    private static final Logger LOG = LoggerFactory.getLogger(BackgroundWork.class);
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors());
    private static final int MOST_OF_ONE = 12;
    private static final int MOST = 96;

    /** How long a page waits before it answers with what is known. */
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final Object lock = new Object();
    private final Map<Object, Task<?>> tasks = new HashMap<>();
    private final Map<Long, Deque<Task<?>>> waiting = new LinkedHashMap<>();
    private boolean ended;

    BackgroundWork() {
        for (int i = 0; i < AT_ONCE; i++) {
            Thread thread = new Thread(this::run, "climate-" + i);
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY + 1);
            thread.start();
        }
    }

    /** Somebody who waits; may be sent away by {@link #leave}. */
    public static final class Ticket {
        private final CompletableFuture<Boolean> left = new CompletableFuture<>();

        /** Stops waiting, from any thread. */
        public void leave() {
            left.complete(true);
        }
    }

    private static final class Task<T> {
        private final Object key;
        private final Function<BooleanSupplier, T> work;
        private final CompletableFuture<T> result = new CompletableFuture<>();
        private final Set<Ticket> asking = new HashSet<>();
        private volatile boolean stopped;

        Task(Object key, Function<BooleanSupplier, T> work) {
            this.key = key;
            this.work = work;
        }
    }

    /**
     * Waits for a computation.
     *
     * @param keeper whose share of the queue it takes
     * @param key    of the same computation; one runs for all who ask
     * @param work   is told when nobody waits any more, and then answers what it has
     * @return empty where the queue is full, patience is at its end or the ticket left
     */
    @SuppressWarnings("unchecked") // a key stands for one computation, and so for one type
    public <T> Optional<T> ask(long keeper, Object key, Ticket ticket, Function<BooleanSupplier, T> work) {
        Task<T> task;
        synchronized (lock) {
            task = (Task<T>) tasks.get(key);
            if (task == null) {
                Deque<Task<?>> own = waiting.computeIfAbsent(keeper, k -> new ArrayDeque<>());
                int all = waiting.values().stream().mapToInt(Deque::size).sum();
                if (ended || own.size() >= MOST_OF_ONE || all >= MOST) {
                    return Optional.empty();
                }
                task = new Task<>(key, work);
                tasks.put(key, task);
                own.add(task);
                lock.notifyAll();
            }
            task.asking.add(ticket);
        }
        try {
            CompletableFuture.anyOf(task.result, ticket.left).get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
            return Optional.ofNullable(task.result.getNow(null));
        } catch (TimeoutException e) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(e.getCause());
        } finally {
            release(task, ticket);
        }
    }

    /** How many pages wait for an answer. */
    int asking() {
        synchronized (lock) {
            return tasks.values().stream().mapToInt(t -> t.asking.size()).sum();
        }
    }

    private void release(Task<?> task, Ticket ticket) {
        synchronized (lock) {
            task.asking.remove(ticket);
            if (task.asking.isEmpty() && !task.result.isDone()) {
                task.stopped = true;
                tasks.remove(task.key, task);
                waiting.values().forEach(own -> own.remove(task));
            }
        }
    }

    private void run() {
        while (true) {
            Task<?> task = next();
            if (task == null) {
                return;
            }
            work(task);
        }
    }

    private <T> void work(Task<T> task) {
        try {
            task.result.complete(task.work.apply(() -> task.stopped));
        } catch (RuntimeException | StackOverflowError e) {
            LOG.error("a computation behind the pages failed", e);
            task.result.completeExceptionally(e);
        } finally {
            synchronized (lock) {
                tasks.remove(task.key, task);
            }
        }
    }

    /** The next of the keeper whose turn it is; that keeper comes last afterwards. Null at the end. */
    private @org.jspecify.annotations.Nullable Task<?> next() {
        synchronized (lock) {
            while (true) {
                if (ended) {
                    return null;
                }
                for (Map.Entry<Long, Deque<Task<?>>> entry : waiting.entrySet()) {
                    Task<?> task = entry.getValue().poll();
                    Deque<Task<?>> rest = waiting.remove(entry.getKey());
                    if (rest != null && !rest.isEmpty()) {
                        waiting.put(entry.getKey(), rest);
                    }
                    if (task != null) {
                        return task;
                    }
                    break;
                }
                if (waiting.isEmpty()) {
                    try {
                        lock.wait();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                        return null;
                    }
                }
            }
        }
    }

    @PreDestroy
    void end() {
        synchronized (lock) {
            ended = true;
            tasks.values().forEach(t -> t.stopped = true);
            lock.notifyAll();
        }
    }
}
