package tanah.web.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.web.SharedApplication;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;

/** An archive comes in as a whole or not at all, whoever stops it and whatever ends; others see nothing of it. */
@SharedApplication
class ImportJobsIT {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final Path EXAMPLE = Path.of("../docs/examples/giant-millipede-box.json");

    private final ImportJobs jobs;
    private final ArchiveReader archives;
    private final ArchiveWriter writer;
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final JdbcTemplate database;

    @TempDir
    private Path folder;

    private long keeper;

    @Autowired
    ImportJobsIT(
            ImportJobs jobs,
            ArchiveReader archives,
            ArchiveWriter writer,
            KeeperService keepers,
            EnclosureService enclosures,
            JdbcTemplate database) {
        this.jobs = jobs;
        this.archives = archives;
        this.writer = writer;
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.database = database;
    }

    @BeforeEach
    void somebody() {
        keeper = keepers.register("imports " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
    }

    private Path archive(int count) throws IOException {
        Path file = Files.createTempFile(folder, "archive", ".zip");
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry(ArchiveWriter.MANIFEST));
            zip.write("{}".getBytes(StandardCharsets.UTF_8));
            for (int i = 0; i < count; i++) {
                zip.putNextEntry(new ZipEntry("enclosures/" + i + "-box/design.json"));
                zip.write(Files.readAllBytes(EXAMPLE));
            }
        }
        return file;
    }

    private ImportJob ended(long id) throws InterruptedException {
        ImportJob job = jobs.await(keeper, id, PATIENCE).orElseThrow();
        assertThat(job.isRunning()).isFalse();
        return job;
    }

    @Test
    void anArchiveIsReadBehindThePage() throws Exception {
        Path file = archive(2);
        ImportJob job = ended(jobs.start(keeper, "two.zip", file).orElseThrow());
        assertThat(job.state()).isEqualTo("done");
        assertThat(ImportAnswer.read(job.answer()).made()).hasSize(2);
        assertThat(enclosures.all(keeper)).hasSize(2);
        assertThat(file).doesNotExist();
    }

    /** What the whole demo is exported as comes in again, each reading as it was; so does one that was typed in other units. */
    @Test
    void everythingOfSomebodyComesInAgain() throws Exception {
        Keeper demo = (Keeper) keepers.loadUserByUsername(keepers.demoName().orElseThrow());
        long first = enclosures.all(demo.id()).get(0).id();
        database.update(
                "update reading set value = 92.0 * 5 / 9 - 160.0 / 9 where id = (select min(id) from reading where enclosure_id = ?)",
                first);
        Path file = Files.createTempFile(folder, "demo", ".zip");
        try (OutputStream out = Files.newOutputStream(file)) {
            writer.all(demo.id(), out);
        }
        ImportJob job = ended(jobs.start(keeper, "demo.zip", file).orElseThrow());
        assertThat(ImportAnswer.read(job.answer()).problems()).isEmpty();
        assertThat(enclosures.all(keeper)).hasSameSizeAs(enclosures.all(demo.id()));
        assertThat(readings(keeper)).isNotEmpty().isEqualTo(readings(demo.id()));
    }

    private List<String> readings(long whose) {
        return database.queryForList(
                "select e.name || ' ' || r.kind || ' ' || r.place || ' ' || r.taken_at || ' ' || r.value from reading r "
                        + "join enclosure e on e.id = r.enclosure_id where e.keeper_id = ? and not r.deleted order by 1",
                String.class,
                whose);
    }

    @Test
    void whatIsWrongInItIsSaidAndNothingIsHere() throws Exception {
        Path file = Files.createTempFile(folder, "none", ".zip");
        Files.writeString(file, "PK but no archive");
        ImportJob job = ended(jobs.start(keeper, "none.zip", file).orElseThrow());
        assertThat(job.state()).isEqualTo("refused");
        assertThat(ImportAnswer.read(job.answer()).problems())
                .singleElement()
                .satisfies(p -> assertThat(p.what()).isEqualTo("this file cannot be read"));
        assertThat(file).doesNotExist();
    }

    @Test
    void oneAtATimeForAKeeperAndNobodyElseSeesIt() throws Exception {
        long id = jobs.start(keeper, "long.zip", archive(30)).orElseThrow();
        Path second = archive(1);
        assertThat(jobs.start(keeper, "second.zip", second)).isEmpty();
        assertThat(second).doesNotExist();
        assertThat(jobs.running(keeper)).contains(id);
        long other = keepers.register("looks " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
        assertThat(jobs.find(other, id)).isEmpty();
        jobs.stop(other, id);
        assertThat(ended(id).state()).isEqualTo("done");
    }

    @Test
    void whatIsStoppedLeavesNothing() throws Exception {
        Path file = archive(60);
        long id = jobs.start(keeper, "stopped.zip", file).orElseThrow();
        jobs.stop(keeper, id);
        assertThat(ended(id).state()).isEqualTo("stopped");
        for (int i = 0; i < 600 && Files.exists(file); i++) {
            Thread.sleep(50);
        }
        assertThat(file).as("its thread has ended").doesNotExist();
        assertThat(enclosures.all(keeper)).isEmpty();
        assertThat(jobs.find(keeper, id).orElseThrow().state()).isEqualTo("stopped");
    }

    /** In the middle of the files, when some enclosures are made already. */
    @Test
    void stoppedInTheMiddleItTakesBackWhatItMade() throws Exception {
        Path file = archive(5);
        List<Integer> seen = new ArrayList<>();
        assertThatThrownBy(() -> archives.read(keeper, file, (done, total) -> {
                    assertThat(total).isEqualTo(6);
                    seen.add(done);
                    if (done == 3) {
                        throw new ImportStopped();
                    }
                }))
                .isInstanceOf(ImportStopped.class);
        assertThat(seen).containsExactly(0, 1, 2, 3);
        assertThat(enclosures.all(keeper)).isEmpty();
    }

    /** A process that was killed says nothing any more; one that lives is not touched. */
    @Test
    void whatAKilledProcessLeftIsBrokenOff() {
        long late = left(100);
        long other = keepers.register("beats " + UUID.randomUUID(), "a long enough word")
                .orElseThrow();
        long mine = keeper;
        keeper = other;
        long lives = left(60);
        jobs.beat();
        assertThat(jobs.find(mine, late).orElseThrow().state()).isEqualTo("broken");
        assertThat(jobs.find(other, lives).orElseThrow().isRunning()).isTrue();
        assertThat(jobs.running(mine)).as("the next one may begin").isEmpty();
    }

    private long left(int seconds) {
        Long id = database.queryForObject(
                "insert into import_job (keeper_id, file_name, owner, beat_at) "
                        + "values (?, 'x.zip', gen_random_uuid(), now() - make_interval(secs => ?)) returning id",
                Long.class,
                keeper,
                seconds);
        return id == null ? 0 : id;
    }
}
