package tanah.web.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import tanah.web.account.Arrivals;
import tanah.web.account.Keeper;
import tanah.web.account.KeeperName;
import tanah.web.account.Sittings;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;

/** Whoever got in has a known device, which guesses of others do not keep out; his session says where it began, and the record too. */
@Component
class KnownArrivals implements Arrivals {
    private final SignInBrake brake;
    private final DeviceCookie devices;
    private final Audit audit;

    KnownArrivals(SignInBrake brake, DeviceCookie devices, Audit audit) {
        this.audit = audit;
        this.brake = brake;
        this.devices = devices;
    }

    @Override
    public void arrived(Keeper keeper, String name, HttpServletRequest request, HttpServletResponse response) {
        brake.gotIn(keeper.id(), KeeperName.of(name).key(), request.getRemoteAddr(), devices.give(request, response));
        Sittings.begin(request);
        audit.of(keeper.id(), AuditKind.SIGNED_IN, "");
    }
}
