package tanah.web.security;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Slows guessing. Tries are counted before a password is checked, one after the other for a name and for an address, so that many at once
 * are many. The wait grows for a name from an address, and shortly for a name from everywhere and for an address as a whole; a device
 * that the keeper has signed in with is counted by itself, so that strangers cannot keep its keeper out. In the database, so it holds
 * over several web processes.
 */
@Service
class SignInBrake {
    static final Duration WINDOW = Duration.ofMinutes(15);
    private static final int FREE_OF_PAIR = 4;
    private static final int FREE_OF_DEVICE = 8;
    private static final int FREE_OF_NAME = 20;
    private static final int FREE_OF_ADDRESS = 40;
    private static final Duration LONGEST_OF_NAME = Duration.ofMinutes(1);
    private static final Duration LONGEST_OF_ADDRESS = Duration.ofSeconds(30);
    private static final int MOST_DEVICES = 12;

    private final SignInMapper tries;
    private final Clock clock;

    SignInBrake(SignInMapper tries, Clock clock) {
        this.tries = tries;
        this.clock = clock;
    }

    /**
     * Counts a try that is about to be checked.
     *
     * @param name   key of the name
     * @param device hash of what the browser's cookie holds, if it has one
     * @return how long to wait first; zero: it was counted and may be checked
     */
    @Transactional
    public Duration attempt(String name, String address, Optional<String> device) {
        tries.lock("name " + name);
        tries.lock("address " + address);
        OffsetDateTime now = OffsetDateTime.now(clock);
        Optional<String> known = device.filter(d -> tries.isKnown(name, d));
        Duration wait = known.map(d -> ofDevice(name, d, now)).orElseGet(() -> ofStranger(name, address, now));
        if (wait.isZero()) {
            tries.insert(name, address, known.orElse(null), now);
        }
        return wait;
    }

    private Duration ofDevice(String name, String device, OffsetDateTime now) {
        return tries.ofDevice(name, device, now.minus(WINDOW)).wait(FREE_OF_DEVICE, WINDOW, now);
    }

    private Duration ofStranger(String name, String address, OffsetDateTime now) {
        OffsetDateTime since = now.minus(WINDOW);
        Duration pair = tries.ofPair(name, address, since).wait(FREE_OF_PAIR, WINDOW, now);
        Duration ofName = tries.ofName(name, since).wait(FREE_OF_NAME, LONGEST_OF_NAME, now);
        Duration ofAddress = tries.ofAddress(address, since).wait(FREE_OF_ADDRESS, LONGEST_OF_ADDRESS, now);
        return longer(pair, longer(ofName, ofAddress));
    }

    private static Duration longer(Duration a, Duration b) {
        return a.compareTo(b) > 0 ? a : b;
    }

    /** A keeper got in: his tries are forgiven, and the device is known from now on. */
    @Transactional
    public void gotIn(long keeper, String name, String address, String device) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        tries.forgive(name, address, device, now.minus(WINDOW));
        tries.know(keeper, device, now);
        tries.keepNewest(keeper, MOST_DEVICES);
    }

    /** The right password, from a place without a cookie of the door: tries from there are forgiven. */
    @Transactional
    public void forgive(String name, String address) {
        tries.forgive(name, address, "", OffsetDateTime.now(clock).minus(WINDOW));
    }
}
