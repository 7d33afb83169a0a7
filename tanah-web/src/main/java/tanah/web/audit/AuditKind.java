package tanah.web.audit;

import java.util.Locale;

/** What the record is kept of. */
public enum AuditKind {
    REGISTERED,
    SIGNED_IN,
    /** A wrong password or an unknown name. */
    REFUSED,
    /** A try that came too soon after others. */
    BRAKED,
    NAME_CHANGED,
    PASSWORD_CHANGED,
    SITTINGS_ENDED,
    SECOND_ON,
    SECOND_OFF,
    /** In by a recovery code. */
    RECOVERED,
    LEAVES,
    RETURNED,
    REMOVED,
    EXPORTED,
    INVITED,
    JOINED,
    INVITATION_REVOKED,
    MEMBER_REMOVED,
    MEMBER_LEFT,
    ENCLOSURE_DELETED,
    ENCLOSURE_RESTORED,
    SITE_INVITED,
    RESET_MADE,
    RESET_USED,
    TAKEN_OUT,
    TAKEN_BACK,
    HANDED_OVER,
    SITE_CHANGED;

    /** In the database, and the last part of a message key. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
