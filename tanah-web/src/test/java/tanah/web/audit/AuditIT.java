package tanah.web.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperName;
import tanah.web.account.KeeperService;

/** The record is written once: nothing changes it, nothing takes from it before its time, and it tells what happened alone. */
@SharedApplication
class AuditIT {
    private final Audit audit;
    private final KeeperService keepers;
    private final JdbcTemplate database;
    private final TransactionTemplate transaction;

    @Autowired
    AuditIT(Audit audit, KeeperService keepers, JdbcTemplate database, TransactionTemplate transaction) {
        this.audit = audit;
        this.keepers = keepers;
        this.database = database;
        this.transaction = transaction;
    }

    private static String fresh() {
        return "told " + UUID.randomUUID();
    }

    private long keeper(String name) {
        return keepers.register(name, "a long enough word").orElseThrow();
    }

    private long count(String column, Object value) {
        Long n = database.queryForObject("select count(*) from audit where " + column + " = ?", Long.class, value);
        return n == null ? 0 : n;
    }

    @ParameterizedTest
    @ValueSource(strings = {"update audit set who = 'nobody'", "delete from audit", "truncate audit"})
    void nothingChangesIt(String statement) {
        audit.of(keeper(fresh()), AuditKind.SIGNED_IN, "");
        assertThatThrownBy(() -> database.execute(statement))
                .rootCause()
                .hasMessageContaining("the record is not changed");
    }

    @Test
    void aLineOf401DaysIsForgottenAndOneOf399Stays() {
        String old = fresh();
        String young = fresh();
        String insert = "insert into audit (at, kind, who) values (now() - make_interval(days => ?), 'refused', ?)";
        database.update(insert, 402, old);
        database.update(insert, 399, young);
        audit.forget();
        assertThat(count("who", old)).isZero();
        assertThat(count("who", young)).isOne();
        assertThatThrownBy(() -> database.update("delete from audit where who = ?", young))
                .rootCause()
                .hasMessageContaining("the record is not changed");
    }

    @Test
    void aLineTellsWhoAndOutlivesItsKeeper() {
        String name = fresh();
        long id = keeper(name);
        audit.of(id, AuditKind.EXPORTED, "Frogs\u0000\nof " + name);
        database.update("delete from keeper where id = ?", id);
        AuditLine line = audit.page(AuditKind.EXPORTED.word(), null, 1).get(0);
        assertThat(line.who()).isEqualTo(name);
        assertThat(line.subject()).doesNotContain("\n").startsWith("Frogs").endsWith(name);
    }

    /** What was rolled back did not happen, so it is not told. */
    @Test
    void whatIsRolledBackIsNotTold() {
        long id = keeper(fresh());
        String subject = fresh();
        transaction.executeWithoutResult(t -> {
            audit.of(id, AuditKind.LEAVES, subject);
            t.setRollbackOnly();
        });
        assertThat(count("subject", subject)).isZero();
    }

    /** Somebody types the password where the name belongs: it must not stand in the record. */
    @Test
    void aNameThatNobodyHasIsNotWrittenDown() {
        String name = fresh();
        keeper(name);
        audit.ofStranger(KeeperName.of(name.toUpperCase(java.util.Locale.ROOT)).key(), AuditKind.REFUSED);
        audit.ofStranger("my secret " + name, AuditKind.REFUSED);
        List<AuditLine> lines = audit.page(AuditKind.REFUSED.word(), null, 2);
        assertThat(lines).extracting(AuditLine::who).containsExactly("", name);
    }

    @Test
    void aFloodFromOneAddressIsOneLineAMinute() {
        MockHttpServletRequest request = new MockHttpServletRequest();
        String address = "flood " + UUID.randomUUID();
        request.setRemoteAddr(address);
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
        try {
            for (int i = 0; i < 5; i++) {
                audit.ofStranger("x", AuditKind.BRAKED);
            }
            assertThat(count("address", address)).isOne();
            database.update(
                    "insert into audit (at, kind, who, address) values (now() - interval '61 seconds', 'braked', '', ?)",
                    address + " before");
            request.setRemoteAddr(address + " before");
            audit.ofStranger("x", AuditKind.BRAKED);
            assertThat(count("address", address + " before")).isEqualTo(2);
        } finally {
            RequestContextHolder.resetRequestAttributes();
        }
    }

    @Test
    void pagesFollowEachOther() {
        long id = keeper(fresh());
        for (int i = 0; i < 5; i++) {
            audit.of(id, AuditKind.RETURNED, "page " + i);
        }
        List<AuditLine> first = audit.page(AuditKind.RETURNED.word(), null, 3);
        List<AuditLine> second =
                audit.page(AuditKind.RETURNED.word(), first.get(2).id(), 2);
        assertThat(first).extracting(AuditLine::subject).containsExactly("page 4", "page 3", "page 2");
        assertThat(second).extracting(AuditLine::subject).containsExactly("page 1", "page 0");
    }
}
