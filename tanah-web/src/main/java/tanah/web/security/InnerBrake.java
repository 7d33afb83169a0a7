package tanah.web.security;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tanah.web.account.Brake;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperName;

/** A password asked for inside is braked as at the door, and counts with the tries there. */
@Component
class InnerBrake implements Brake {
    private final SignInBrake brake;

    InnerBrake(SignInBrake brake) {
        this.brake = brake;
    }

    @Override
    public Duration attempt(Keeper keeper, HttpServletRequest request) {
        return brake.attempt(KeeperName.of(keeper.name()).key(), request.getRemoteAddr(), Optional.empty());
    }

    @Override
    public void passed(Keeper keeper, HttpServletRequest request) {
        brake.forgive(KeeperName.of(keeper.name()).key(), request.getRemoteAddr());
    }
}
