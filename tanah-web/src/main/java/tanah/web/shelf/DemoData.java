package tanah.web.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.need.ReadingKind;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.account.DemoAccount;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.evaluate.Evaluations;
import tanah.web.log.Event;
import tanah.web.log.EventService;
import tanah.web.log.Judge;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.shell.TanahProperties;

/**
 * Loads the made-up Fernhollow demo once in the life of a database: three enclosures with 60 days of readings. The
 * readings are what the climate model says of each place, with the weather and chance from a fixed start.
 */
@Component
class DemoData implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final List<String> DESIGNS = List.of("arid-crew", "mossy-frog-paludarium", "millipede-floor");
    private static final int DAYS = 60;
    private static final int[] HOURS = {8, 13, 20};

    private final TanahProperties properties;
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final EventService events;
    private final DesignReader reader;
    private final Judge judge;
    private final Evaluations evaluations;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DemoData(
            TanahProperties properties,
            KeeperService keepers,
            EnclosureService enclosures,
            ReadingService readings,
            EventService events,
            DesignReader reader,
            Judge judge,
            Evaluations evaluations,
            TransactionTemplate transaction,
            Clock clock) {
        this.properties = properties;
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.readings = readings;
        this.events = events;
        this.reader = reader;
        this.judge = judge;
        this.evaluations = evaluations;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Before the first request is answered, so that whoever sees the sign-in page sees the demo on it. */
    @Override
    public void afterSingletonsInstantiated() {
        if (properties.demo()) {
            transaction.executeWithoutResult(status -> load());
        }
    }

    private void load() {
        Optional<Long> keeper = keepers.registerDemo(DemoAccount.NAME, DemoAccount.PASSWORD);
        if (keeper.isEmpty()) {
            return;
        }
        for (String name : DESIGNS) {
            Design design = design(name);
            String phase = name.startsWith("mossy") ? "planning" : "kept";
            long id = enclosures.create(keeper.get(), design, phase, "Demo data, made up");
            readings.addAll(keeper.get(), course(id, design, name.hashCode()));
            design.note().ifPresent(n -> events.add(keeper.get(), id, remark(n), List.of()));
        }
        LOG.info("demo data loaded: {} enclosures", DESIGNS.size());
    }

    /** What the plan is for, and why it still warns, as the keeper's remark of the first day. */
    private Event.New remark(String note) {
        OffsetDateTime first = OffsetDateTime.now(clock).minusDays(DAYS);
        return new Event.New("note", note, null, first, UUID.randomUUID().toString());
    }

    private Design design(String name) {
        String path = "/demo/" + name + ".json";
        try (InputStream in = DemoData.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("missing resource " + path);
            }
            Parsed parsed = reader.read(in.readAllBytes());
            if (parsed instanceof Parsed.Accepted accepted) {
                return accepted.design();
            }
            throw new IllegalStateException("the demo design is refused: " + parsed);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Reading.New> course(long enclosure, Design design, long seed) {
        Random random = new Random(seed);
        DemoReadings model =
                new DemoReadings(evaluations.whole(design).forecast().orElseThrow());
        List<Reading.New> all = new ArrayList<>();
        OffsetDateTime now = OffsetDateTime.now(clock);
        LocalDate today = now.toLocalDate();
        for (int day = DAYS; day >= 0; day--) {
            double weather = Math.sin(day / 5.5) * 0.6 + random.nextGaussian() * 0.25;
            for (int hour : HOURS) {
                OffsetDateTime at = today.minusDays(day)
                        .atTime(hour, 5 + random.nextInt(40))
                        .atZone(clock.getZone())
                        .toOffsetDateTime();
                if (!at.isAfter(now)) {
                    for (Probe probe : design.probes()) {
                        for (ReadingKind kind : judge.kinds(probe)) {
                            OptionalDouble value = model.read(probe, kind, at, weather, random);
                            value.ifPresent(v -> all.add(new Reading.New(
                                    enclosure,
                                    probe.id(),
                                    kind.id(),
                                    v,
                                    at,
                                    new UUID(random.nextLong(), random.nextLong()).toString())));
                        }
                    }
                }
            }
        }
        return all;
    }
}
