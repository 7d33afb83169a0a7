package tanah.web.account;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import tanah.web.forms.FieldErrors;

/** Asks for the password once more before what cannot be undone: a session may be one that was left open. */
@Component
public class PasswordAgain {
    private final KeeperMapper keepers;
    private final PasswordEncoder passwords;
    private final Brake brake;

    PasswordAgain(KeeperMapper keepers, PasswordEncoder passwords, Brake brake) {
        this.keepers = keepers;
        this.passwords = passwords;
        this.brake = brake;
    }

    /** Whether it is the keeper's; if not, the field has its error. */
    public boolean isRight(Keeper keeper, String typed, HttpServletRequest request, String field, FieldErrors errors) {
        if (typed.isEmpty()) {
            errors.add(field, "account.password.missing");
            return false;
        }
        Duration wait = brake.attempt(keeper, request);
        if (!wait.isZero()) {
            errors.add(field, "account.password.wait", wait.plusMillis(999).toSeconds());
            return false;
        }
        if (!keepers.passwordHash(keeper.id())
                .filter(h -> passwords.matches(typed, h))
                .isPresent()) {
            errors.add(field, "account.password.wrong");
            return false;
        }
        brake.passed(keeper, request);
        return true;
    }
}
