package tanah.web.enclosure;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who else may see or change an enclosure, and the links that let them in. */
@Service
public class Members {
    /** How long a link holds. */
    public static final Duration HOLDS = Duration.ofDays(7);

    private static final int SECRET_BYTES = 24;

    private final MemberMapper members;
    private final EnclosureService enclosures;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Members(MemberMapper members, EnclosureService enclosures, Clock clock) {
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
        enclosures.owned(keeperId, enclosure);
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        members.invite(
                keeperId,
                enclosure,
                role.name().toLowerCase(Locale.ROOT),
                hash(secret),
                OffsetDateTime.now(clock).plus(HOLDS));
        return secret;
    }

    @Transactional
    public void revoke(long keeperId, long enclosure, long invitation) {
        enclosures.owned(keeperId, enclosure);
        members.revoke(keeperId, enclosure, invitation);
    }

    /** The owner takes somebody out. */
    @Transactional
    public void remove(long keeperId, long enclosure, long member) {
        enclosures.owned(keeperId, enclosure);
        members.remove(keeperId, enclosure, member);
    }

    /** Somebody who was let in goes. */
    @Transactional
    public void leave(long keeperId, long enclosure) {
        enclosures.get(keeperId, enclosure);
        members.leave(keeperId, enclosure);
    }

    /** What a link offers, while it holds. */
    public Optional<Offer> offer(String secret) {
        return members.offer(hash(secret), OffsetDateTime.now(clock));
    }

    /** Uses a link up; empty if it holds no longer. The owner of the enclosure stays its owner. */
    @Transactional
    public Optional<Offer> accept(long keeperId, String secret) {
        Optional<Offer> offer = offer(secret);
        if (offer.isPresent() && members.use(keeperId, hash(secret), OffsetDateTime.now(clock)) > 0) {
            members.join(keeperId, offer.get().enclosureId(), offer.get().role());
            return offer;
        }
        return Optional.empty();
    }

    private static String hash(String secret) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
