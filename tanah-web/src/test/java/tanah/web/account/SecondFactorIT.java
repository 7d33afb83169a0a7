package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.core.GrantedAuthority;
import tanah.web.SharedApplication;

/** A code opens once, a recovery code opens once, and without either a password alone is half way in. */
@SharedApplication
class SecondFactorIT {
    private final SecondFactor second;
    private final KeeperService keepers;
    private final AccountService accounts;
    private final Clock clock;

    private final byte[] secret = SecondFactor.fresh();
    private String name;
    private long keeper;

    @Autowired
    SecondFactorIT(SecondFactor second, KeeperService keepers, AccountService accounts, Clock clock) {
        this.second = second;
        this.keepers = keepers;
        this.accounts = accounts;
        this.clock = clock;
    }

    @BeforeEach
    void somebody() {
        name = "second " + UUID.randomUUID();
        keeper = keepers.register(name, "a long enough word").orElseThrow();
    }

    private String code(int steps) {
        return TimeCodes.at(secret, now().plusSeconds(30L * steps));
    }

    private Instant now() {
        return clock.instant();
    }

    private List<String> authorities() {
        return keepers.loadUserByUsername(name).getAuthorities().stream()
                .map(GrantedAuthority::getAuthority)
                .toList();
    }

    @Test
    void itIsOnWithTheRightCodeAlone() {
        assertThat(second.turnOn(keeper, secret, "000000".equals(code(0)) ? "000001" : "000000"))
                .isEmpty();
        assertThat(second.isOn(keeper)).isFalse();
        assertThat(authorities()).containsExactly("ROLE_KEEPER");
        assertThat(second.turnOn(keeper, secret, code(0))).hasSize(8).doesNotHaveDuplicates();
        assertThat(authorities()).as("the password alone").containsExactly("ROLE_HALF");
        assertThat(second.turnOn(keeper, SecondFactor.fresh(), code(0)))
                .as("twice")
                .isEmpty();
    }

    @Test
    void aCodeOpensOnceAndNoneBeforeItAfterwards() {
        String first = code(0);
        second.turnOn(keeper, secret, first);
        assertThat(second.isRight(keeper, first))
                .as("it was used to turn it on")
                .isFalse();
        String next = code(1);
        assertThat(second.isRight(keeper, " " + next.substring(0, 3) + " " + next.substring(3)))
                .isTrue();
        assertThat(second.isRight(keeper, next)).isFalse();
        assertThat(second.isRight(keeper, code(0))).isFalse();
    }

    @Test
    void aRecoveryCodeOpensOnce() {
        List<String> codes = second.turnOn(keeper, secret, code(0));
        String typed = codes.get(3).toUpperCase(java.util.Locale.ROOT).replaceAll("(.{4})(?=.)", "$1-");
        assertThat(second.isRight(keeper, typed)).isTrue();
        assertThat(second.isRight(keeper, typed)).isFalse();
        assertThat(second.isRight(keeper, codes.get(4))).isTrue();
        assertThat(second.isRight(keeper, "")).isFalse();
    }

    @Test
    void turnedOffThePasswordOpensAgainAndOldCodesDoNot() {
        List<String> codes = second.turnOn(keeper, secret, code(0));
        assertThat(second.turnOff(keeper, accounts.of(keeper))).isTrue();
        assertThat(second.turnOff(keeper, accounts.of(keeper))).isFalse();
        assertThat(authorities()).containsExactly("ROLE_KEEPER");
        assertThat(second.isRight(keeper, codes.get(0))).isFalse();
        assertThat(second.isRight(keeper, code(1))).isFalse();
    }
}
