package tanah.web.enclosure;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.shell.Secrets;

/** Who else may see or change an enclosure, and the links that let them in. */
@Service
public class Members {
    /** How long a link holds. */
    public static final Duration HOLDS = Duration.ofDays(7);

    private final MemberMapper members;
    private final EnclosureService enclosures;
    private final Audit audit;
    private final Clock clock;

    Members(MemberMapper members, EnclosureService enclosures, Audit audit, Clock clock) {
        this.audit = audit;
        this.members = members;
        this.enclosures = enclosures;
        this.clock = clock;
    }

    /** Somebody who was let in. */
    public record Member(long id, String name, String role, OffsetDateTime since) {}

    /** A link that nobody has used yet. Its secret is not kept. */
    public record Invitation(long id, String role, OffsetDateTime expiresAt) {}

    /** What a link offers. */
    public record Offer(long enclosureId, String name, String role, String owner) {}

    public List<Member> of(long keeperId, long enclosure) {
        return members.all(keeperId, enclosure);
    }

    public List<Invitation> open(long keeperId, long enclosure) {
        return members.invitations(keeperId, enclosure);
    }

    /** Makes a link and returns its secret, which is shown once. */
    @Transactional
    public String invite(long keeperId, long enclosure, Role role) {
        if (role == Role.OWNER) {
            throw new IllegalArgumentException("there is one owner");
        }
        Enclosure owned = enclosures.owned(keeperId, enclosure);
        String secret = Secrets.fresh();
        members.invite(
                keeperId,
                enclosure,
                role.name().toLowerCase(Locale.ROOT),
                Secrets.hash(secret),
                OffsetDateTime.now(clock).plus(HOLDS));
        audit.of(keeperId, AuditKind.INVITED, told(owned.design().name(), role.name()));
        return secret;
    }

    @Transactional
    public void revoke(long keeperId, long enclosure, long invitation) {
        Enclosure owned = enclosures.owned(keeperId, enclosure);
        if (members.revoke(keeperId, enclosure, invitation) > 0) {
            audit.of(keeperId, AuditKind.INVITATION_REVOKED, owned.design().name());
        }
    }

    /** The owner takes somebody out. */
    @Transactional
    public void remove(long keeperId, long enclosure, long member) {
        Enclosure owned = enclosures.owned(keeperId, enclosure);
        List<Member> all = members.all(keeperId, enclosure);
        if (members.remove(keeperId, enclosure, member) > 0) {
            String name =
                    all.stream().filter(m -> m.id() == member).map(Member::name).collect(Collectors.joining());
            audit.of(keeperId, AuditKind.MEMBER_REMOVED, owned.design().name() + ", " + name);
        }
    }

    /** Somebody who was let in goes. */
    @Transactional
    public void leave(long keeperId, long enclosure) {
        Enclosure left = enclosures.get(keeperId, enclosure);
        if (members.leave(keeperId, enclosure) > 0) {
            audit.of(keeperId, AuditKind.MEMBER_LEFT, left.design().name());
        }
    }

    /** What a link offers, while it holds. */
    public Optional<Offer> offer(String secret) {
        return members.offer(Secrets.hash(secret), OffsetDateTime.now(clock));
    }

    /** Uses a link up; empty if it holds no longer. The owner of the enclosure stays its owner. */
    @Transactional
    public Optional<Offer> accept(long keeperId, String secret) {
        Optional<Offer> offer = offer(secret);
        if (offer.isPresent() && members.use(keeperId, Secrets.hash(secret), OffsetDateTime.now(clock)) > 0) {
            members.join(keeperId, offer.get().enclosureId(), offer.get().role());
            audit.of(
                    keeperId,
                    AuditKind.JOINED,
                    told(offer.get().name(), offer.get().role()));
            return offer;
        }
        return Optional.empty();
    }

    /** An enclosure, and the role in it. */
    private static String told(String enclosure, String about) {
        return enclosure + ", " + about.toLowerCase(Locale.ROOT);
    }
}
