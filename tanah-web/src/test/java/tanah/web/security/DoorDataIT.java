package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperName;
import tanah.web.account.KeeperService;

/** The brake on a real database: many at once are many, and strangers do not keep a keeper out. */
@SharedApplication
class DoorDataIT {
    private final SignInBrake brake;
    private final KeeperService keepers;
    private final JdbcTemplate database;

    @Autowired
    DoorDataIT(SignInBrake brake, KeeperService keepers, JdbcTemplate database) {
        this.brake = brake;
        this.keepers = keepers;
        this.database = database;
    }

    private static String fresh(String what) {
        return what + " " + UUID.randomUUID();
    }

    private static String address() {
        return "test " + UUID.randomUUID();
    }

    /** All start before one has ended, as an attack does. */
    @Test
    void ofFortyAtOnceFourAreChecked() throws Exception {
        String name = fresh("guessed");
        String address = address();
        List<Callable<Duration>> all = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            all.add(() -> brake.attempt(name, address, Optional.empty()));
        }
        ExecutorService threads = Executors.newFixedThreadPool(8);
        try {
            int checked = 0;
            for (Future<Duration> f : threads.invokeAll(all)) {
                checked += f.get().isZero() ? 1 : 0;
            }
            assertThat(checked).isEqualTo(4);
        } finally {
            threads.shutdownNow();
        }
    }

    @Test
    void strangersEverywhereDoNotKeepAKnownDeviceOut() {
        String typed = fresh("keeper");
        long id = keepers.register(typed, "a long enough word").orElseThrow();
        String name = KeeperName.of(typed).key();
        brake.gotIn(id, name, address(), "hash of mine " + id);
        for (int i = 0; i < 20; i++) {
            assertThat(brake.attempt(name, address(), Optional.empty())).isZero();
        }
        assertThat(brake.attempt(name, address(), Optional.empty())).isPositive();
        assertThat(brake.attempt(name, address(), Optional.of("hash of mine " + id)))
                .isZero();
        assertThat(brake.attempt(name, address(), Optional.of("hash of another")))
                .isPositive();
    }

    /** Behind a proxy that does not say who asks, all have one address. */
    @Test
    void oneAddressForAllDelaysStrangersShortlyAndNoKnownDevice() {
        String typed = fresh("keeper");
        long id = keepers.register(typed, "a long enough word").orElseThrow();
        String name = KeeperName.of(typed).key();
        String proxy = address();
        brake.gotIn(id, name, proxy, "device " + id);
        for (int i = 0; i < 60; i++) {
            brake.attempt(fresh("somebody"), proxy, Optional.empty());
        }
        assertThat(brake.attempt(fresh("new"), proxy, Optional.empty()))
                .isBetween(Duration.ofMillis(1), Duration.ofSeconds(30));
        assertThat(brake.attempt(name, proxy, Optional.of("device " + id))).isZero();
    }

    @Test
    void whoGetsInBeginsAnewAndTheTwelveNewestDevicesAreKept() {
        String typed = fresh("keeper");
        long id = keepers.register(typed, "a long enough word").orElseThrow();
        String name = KeeperName.of(typed).key();
        String address = address();
        for (int i = 0; i < 4; i++) {
            brake.attempt(name, address, Optional.empty());
        }
        assertThat(brake.attempt(name, address, Optional.empty())).isPositive();
        brake.gotIn(id, name, address, "first " + id);
        assertThat(brake.attempt(name, address, Optional.empty())).isZero();
        for (int i = 0; i < 12; i++) {
            brake.gotIn(id, name, address, "later " + i + " " + id);
        }
        assertThat(database.queryForList("select device from known_device where keeper_id = ?", String.class, id))
                .hasSize(12)
                .doesNotContain("first " + id);
    }
}
