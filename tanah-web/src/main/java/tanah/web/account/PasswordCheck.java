package tanah.web.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * Whether a password can be had: long enough, and not among those that are tried first (common ones, repetitions, rows of keys, dates, the
 * keeper's own name). No rule says what it must be made of (NIST SP 800-63B, 3.1.1.2).
 */
@Component
class PasswordCheck {
    private static final int SHORTEST = 10;
    private static final int LONGEST = 72;

    /** Guesses that somebody who knows the usual ones needs; below a million a throttled door does not hold. */
    private static final double LEAST_GUESSES = 1e6;

    private final Zxcvbn guesser = new Zxcvbn();

    /** The message of what is wrong with it; empty where nothing is. */
    Optional<String> refusal(String password, String name) {
        int length = password.codePointCount(0, password.length());
        boolean long_ = password.getBytes(StandardCharsets.UTF_8).length > LONGEST; // the encoder reads no more bytes
        if (length < SHORTEST || long_) {
            return Optional.of("register.password.size");
        }
        return guesser.measure(password, List.of(name)).getGuesses() < LEAST_GUESSES
                ? Optional.of("register.password.common")
                : Optional.empty();
    }
}
