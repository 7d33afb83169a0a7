package tanah.web.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.security.InvalidKeyException;
import java.time.Instant;
import java.util.Locale;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;

/** Codes of six digits that change every 30 seconds (RFC 6238 with HMAC-SHA-1, as authenticators take them). */
final class TimeCodes {
    /** A phone's clock may be off by so many steps. */
    private static final int TOLERANCE = 1;

    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();
    private static final long STEP_S = CODES.getTimeStep().toSeconds();

    private TimeCodes() {}

    /** The code of a secret at a time. */
    static String at(byte[] secret, Instant time) {
        try {
            return CODES.generateOneTimePasswordString(
                    new SecretKeySpec(secret, CODES.getAlgorithm()), time, Locale.ROOT);
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e); // a key of raw bytes is always one
        }
    }

    /** The step (30 s since 1970) that a code belongs to, from one before now to one after; empty if it is none of these. */
    static OptionalLong step(byte[] secret, String code, Instant now) {
        for (int off = -TOLERANCE; off <= TOLERANCE; off++) {
            Instant time = now.plusSeconds(off * STEP_S);
            if (at(secret, time).equals(code)) {
                return OptionalLong.of(Math.floorDiv(time.getEpochSecond(), STEP_S));
            }
        }
        return OptionalLong.empty();
    }
}
