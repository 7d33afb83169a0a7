package tanah.web.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import tanah.web.account.Arrivals;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperName;

/** Whoever got in has a known device, which guesses of others do not keep out. */
@Component
class KnownArrivals implements Arrivals {
    private final SignInBrake brake;
    private final DeviceCookie devices;

    KnownArrivals(SignInBrake brake, DeviceCookie devices) {
        this.brake = brake;
        this.devices = devices;
    }

    @Override
    public void arrived(Keeper keeper, String name, HttpServletRequest request, HttpServletResponse response) {
        brake.gotIn(keeper.id(), KeeperName.of(name).key(), request.getRemoteAddr(), devices.give(request, response));
    }
}
