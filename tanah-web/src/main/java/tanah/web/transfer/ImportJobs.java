package tanah.web.transfer;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tanah.files.schema.Problem;
import tanah.web.forms.Presentation;
import tanah.web.shell.BusyException;
import tanah.web.shell.Words;

/**
 * Reads archives in, one after the other, on a thread of its own. What an archive brings and that it is done are one transaction, so
 * that a kill leaves all of it or nothing.
 */
@Service
class ImportJobs {
    private static final Logger LOG = LoggerFactory.getLogger(ImportJobs.class);
    private static final int WAITING = 10;
    private static final int KEPT_DAYS = 7;
    private static final Duration SILENCE = Duration.ofSeconds(90);
    private static final Duration TELL = Duration.ofMillis(300);

    private final UUID owner = UUID.randomUUID();
    private final ImportMapper jobs;
    private final ArchiveReader archives;
    private final Words words;
    private final TransactionTemplate transaction;
    private final TransactionTemplate beside;
    private final Set<Long> held = ConcurrentHashMap.newKeySet();
    private volatile boolean ended;
    private final ThreadPoolExecutor worker =
            new ThreadPoolExecutor(1, 1, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), work -> {
                Thread thread = new Thread(work, "import");
                thread.setDaemon(true);
                thread.setPriority(Thread.MIN_PRIORITY + 1);
                return thread;
            });

    ImportJobs(ImportMapper jobs, ArchiveReader archives, Words words, PlatformTransactionManager transactions) {
        this.jobs = jobs;
        this.archives = archives;
        this.words = words;
        this.transaction = new TransactionTemplate(transactions);
        this.beside = new TransactionTemplate(transactions);
        beside.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * Begins to read an archive in; the file is deleted when it is read.
     *
     * @return its id, or empty while another of the keeper is being read
     * @throws BusyException where too many wait
     */
    Optional<Long> start(long keeperId, String fileName, Path file) {
        Optional<Long> id = jobs.insert(keeperId, fileName, owner);
        if (id.isEmpty()) {
            delete(file);
            return id;
        }
        Presentation presentation = Presentation.current();
        held.add(id.get());
        try {
            worker.execute(() -> work(id.get(), keeperId, file, presentation));
        } catch (RejectedExecutionException e) {
            held.remove(id.get());
            jobs.end(id.get(), "broken", "");
            delete(file);
            throw new BusyException("imports");
        }
        return id;
    }

    Optional<ImportJob> find(long keeperId, long id) {
        return jobs.find(keeperId, id);
    }

    /** The one of a keeper that is being read. */
    Optional<Long> running(long keeperId) {
        return jobs.running(keeperId);
    }

    /** The same when it has ended, or when patience has. */
    Optional<ImportJob> await(long keeperId, long id, Duration patience) throws InterruptedException {
        long end = System.nanoTime() + patience.toNanos();
        Optional<ImportJob> seen = find(keeperId, id);
        while (seen.filter(ImportJob::isRunning).isPresent() && System.nanoTime() < end) {
            Thread.sleep(50);
            seen = find(keeperId, id);
        }
        return seen;
    }

    void stop(long keeperId, long id) {
        jobs.stop(keeperId, id);
    }

    private void work(long id, long keeperId, Path file, Presentation presentation) {
        Presentation.bind(presentation);
        LocaleContextHolder.setLocale(presentation.language());
        try {
            Telling telling = new Telling(id);
            telling.file(0, 0);
            transaction.executeWithoutResult(t -> {
                List<Long> made = archives.read(keeperId, file, telling);
                if (jobs.end(id, "done", new ImportAnswer(made, List.of()).write()) == 0) {
                    throw new ImportStopped();
                }
            });
        } catch (ImportStopped e) {
            LOG.info("an archive was stopped while it was read");
        } catch (Refused e) {
            jobs.end(id, "refused", new ImportAnswer(List.of(), e.problems()).write());
        } catch (RuntimeException e) {
            LOG.error("an archive could not be read in", e);
            jobs.end(id, "refused", new ImportAnswer(List.of(), List.of(fault())).write());
        } finally {
            held.remove(id);
            delete(file);
            Presentation.unbind();
            LocaleContextHolder.resetLocaleContext();
        }
    }

    private Problem fault() {
        return new Problem("", words.of("archive.fault"), words.of("archive.accepted"));
    }

    /** Says in the database how far it is, now and then, and learns there whether it is still wanted. */
    private final class Telling implements Progress {
        private final long id;
        private long told;

        Telling(long id) {
            this.id = id;
        }

        @Override
        public void file(int done, int total) {
            if (ended) {
                throw new ImportStopped();
            }
            long now = System.nanoTime();
            if (told == 0 || now - told > TELL.toNanos()) {
                told = now;
                if (tell(done, total) == 0) {
                    throw new ImportStopped();
                }
            }
        }

        /** Beside the transaction of the archive, or nobody would see it. */
        private int tell(int done, int total) {
            Integer rows = beside.execute(t -> jobs.progress(id, done, total));
            return rows == null ? 0 : rows;
        }
    }

    /** Says what this process holds, and finds what nobody holds any more, be it its own. */
    @Scheduled(fixedDelayString = "PT15S")
    void beat() {
        List<Long> mine = List.copyOf(held);
        if (!mine.isEmpty()) {
            jobs.beat(mine);
        }
        int lost = jobs.lost((int) SILENCE.toSeconds());
        if (lost > 0) {
            LOG.info("{} archives were broken off", lost);
        }
        jobs.forget(KEPT_DAYS);
    }

    @PreDestroy
    void end() {
        ended = true;
        worker.shutdownNow();
        jobs.leave(owner);
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
