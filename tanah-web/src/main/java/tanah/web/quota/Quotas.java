package tanah.web.quota;

import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tanah.web.shell.LimitException;

/** Counts what keepers store, inside the transaction that stores it: what goes beyond is rolled back. */
@Service
public class Quotas {
    private static final String KEY = "quota.";
    private static final long MEGABYTE = 1_000_000;

    /** The bin may hold as many again before it is emptied by time. */
    private static final int WITH_BIN = 2;

    private final QuotaMapper quotas;

    Quotas(QuotaMapper quotas) {
        this.quotas = quotas;
    }

    /** The limits as they are now. */
    public Map<Quota, Long> limits() {
        Map<Quota, Long> all = new EnumMap<>(Quota.class);
        for (Quota q : Quota.values()) {
            all.put(q, limit(q));
        }
        return all;
    }

    private long limit(Quota quota) {
        return quotas.limit(KEY + quota.word()).orElse(quota.usual());
    }

    /** @param limit at least 1 */
    @Transactional
    public void set(Quota quota, long limit) {
        quotas.put(KEY + quota.word(), limit);
    }

    /** @throws LimitException where one more enclosure is one too many */
    @Transactional
    public void enclosure(long keeperId) {
        quotas.hold(keeperId);
        long most = limit(Quota.ENCLOSURES);
        if (quotas.enclosures(keeperId, false) >= most || quotas.enclosures(keeperId, true) >= WITH_BIN * most) {
            throw new LimitException(Quota.ENCLOSURES.word(), most);
        }
    }

    /**
     * Photos count for whom the enclosure belongs to, whoever took them.
     *
     * @param count of the new ones
     * @param bytes of the new ones
     * @throws LimitException where they are too many or too large in all
     */
    @Transactional
    public void photos(long enclosureId, int count, long bytes) {
        if (count == 0) {
            return;
        }
        long owner = quotas.owner(enclosureId).orElseThrow();
        quotas.hold(owner);
        QuotaMapper.Stored stored = quotas.photos(owner);
        within(Quota.PHOTOS, stored.count() + count, 1);
        within(Quota.PHOTO_MEGABYTES, stored.bytes() + bytes, MEGABYTE);
    }

    /** @throws LimitException where these go beyond what is stored in a day */
    @Transactional
    public void readings(long keeperId, long count) {
        if (count > 0) {
            within(Quota.READINGS_A_DAY, quotas.addReadings(keeperId, count).orElseThrow(), 1);
        }
    }

    private void within(Quota quota, long wanted, long each) {
        long most = limit(quota);
        if (wanted > most * each) {
            throw new LimitException(quota.word(), most);
        }
    }

    /** Days that are over. */
    @Transactional
    public int forget() {
        return quotas.forgetDays();
    }
}
