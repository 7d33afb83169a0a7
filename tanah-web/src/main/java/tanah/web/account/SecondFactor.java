package tanah.web.account;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.shell.Secrets;

/** A code from the keeper's phone beside the password, for who wants it; recovery codes stand in for a lost phone. */
@Service
public class SecondFactor {
    private static final int SECRET_BYTES = 20; // as RFC 4226 recommends for SHA-1
    private static final int RECOVERY_CODES = 8;
    private static final int RECOVERY_LETTERS = 12;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final SecondFactorMapper factors;
    private final Audit audit;
    private final Clock clock;

    SecondFactor(SecondFactorMapper factors, Audit audit, Clock clock) {
        this.factors = factors;
        this.audit = audit;
        this.clock = clock;
    }

    /** A secret for a phone; it holds when it is turned on. */
    static byte[] fresh() {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        return secret;
    }

    public boolean isOn(long keeperId) {
        return factors.find(keeperId).isPresent();
    }

    /**
     * Turns it on, if the phone shows the right code.
     *
     * @return recovery codes, shown once; empty if the code is wrong or one is on already
     */
    @Transactional
    public List<String> turnOn(long keeperId, byte[] secret, String typed) {
        OptionalLong step = TimeCodes.step(secret, digits(typed), clock.instant());
        if (step.isEmpty() || factors.insert(keeperId, secret, step.getAsLong()) == 0) {
            return List.of();
        }
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < RECOVERY_CODES; i++) {
            String code = Secrets.fresh()
                    .toLowerCase(Locale.ROOT)
                    .replaceAll("[^a-z2-9]|[lo]", "x")
                    .substring(0, RECOVERY_LETTERS);
            codes.add(code);
            factors.insertRecovery(keeperId, Secrets.hash(code));
        }
        audit.of(keeperId, AuditKind.SECOND_ON, "");
        return codes;
    }

    /** Whether it is the code of now or a recovery code; either is used up by it. */
    @Transactional
    public boolean isRight(long keeperId, String typed) {
        boolean byTime = factors.find(keeperId)
                .map(s -> TimeCodes.step(s.secret(), digits(typed), clock.instant()))
                .filter(OptionalLong::isPresent)
                .filter(step -> factors.use(keeperId, step.getAsLong()) > 0)
                .isPresent();
        if (byTime) {
            return true;
        }
        String plain = typed.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "");
        boolean recovered = factors.useRecovery(keeperId, Secrets.hash(plain)) > 0;
        if (recovered) {
            audit.of(keeperId, AuditKind.RECOVERED, "");
        }
        return recovered;
    }

    /** Whether it was on. */
    @Transactional
    public boolean turnOff(long by, Account whose) {
        boolean done = factors.delete(whose.id()) > 0;
        if (done) {
            audit.of(by, AuditKind.SECOND_OFF, by == whose.id() ? "" : whose.name());
        }
        return done;
    }

    private static String digits(String typed) {
        return typed.replaceAll("\\s", "");
    }
}
