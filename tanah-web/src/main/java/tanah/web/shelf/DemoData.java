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
import java.util.Random;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tanah.core.catalogue.Range;
import tanah.core.design.Design;
import tanah.core.design.Probe;
import tanah.core.design.RoomPlan;
import tanah.core.need.ReadingKind;
import tanah.core.need.WantedHere;
import tanah.files.design.DesignReader;
import tanah.files.design.Parsed;
import tanah.web.account.DemoAccount;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.log.Judge;
import tanah.web.log.Reading;
import tanah.web.log.ReadingService;
import tanah.web.shell.TanahProperties;

/**
 * Loads the made-up Fernhollow demo once in the life of a database: three enclosures with 60 days of readings. The
 * readings are drawn from what each place wants, with a daily course, chance from a fixed start and a few bad days.
 */
@Component
class DemoData implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);
    private static final List<String> DESIGNS =
            List.of("collared-lizard-arid", "mossy-frog-paludarium", "giant-millipede-box");
    private static final int DAYS = 60;
    private static final int[] HOURS = {8, 13, 20};

    private final TanahProperties properties;
    private final KeeperService keepers;
    private final EnclosureService enclosures;
    private final ReadingService readings;
    private final DesignReader reader;
    private final Judge judge;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DemoData(
            TanahProperties properties,
            KeeperService keepers,
            EnclosureService enclosures,
            ReadingService readings,
            DesignReader reader,
            Judge judge,
            TransactionTemplate transaction,
            Clock clock) {
        this.properties = properties;
        this.keepers = keepers;
        this.enclosures = enclosures;
        this.readings = readings;
        this.reader = reader;
        this.judge = judge;
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
        }
        LOG.info("demo data loaded: {} enclosures", DESIGNS.size());
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
                            double value = value(design, probe, kind, at, weather, random);
                            all.add(new Reading.New(
                                    enclosure,
                                    probe.id(),
                                    kind.id(),
                                    value,
                                    at,
                                    new UUID(random.nextLong(), random.nextLong()).toString()));
                        }
                    }
                }
            }
        }
        return all;
    }

    private double value(
            Design design, Probe probe, ReadingKind kind, OffsetDateTime at, double weather, Random random) {
        Optional<Range> wanted = judge.wanted(design, probe.id(), kind.id(), at).flatMap(WantedHere::range);
        boolean humid = kind.of() == ReadingKind.Of.HUMIDITY;
        double middle;
        double spread;
        if (wanted.isPresent()) {
            Range range = wanted.get();
            middle = kind.unit().fromSi((range.min() + range.max()) / 2);
            spread = kind.unit().fromSi(range.max() - range.min()) / 2;
        } else {
            RoomPlan.Season season = design.room().orElseThrow().winter();
            boolean day = at.getHour() >= 7 && at.getHour() < 19;
            middle = humid
                    ? 100 * (day ? season.humidityDay() : season.humidityNight())
                    : (day ? season.tempDay() : season.tempNight())
                            + (probe.zone().isPresent() ? 2 : 0);
            spread = humid ? 6 : 1.5;
        }
        double value = middle + spread * (0.45 * weather + 0.22 * random.nextGaussian());
        double step = humid ? 1 : 10;
        double rounded = humid ? Math.round(value) : Math.round(value * step) / step;
        return humid ? Math.max(5, Math.min(99, rounded)) : rounded;
    }
}
