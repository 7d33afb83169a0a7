package tanah.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** One name is one name however it is written, and names that cannot be told apart are not both had (Unicode UAX 15, UTS 39). */
class KeeperNameTest {

    @ParameterizedTest
    @CsvSource({
        "Keeper, KEEPER",
        "keeper, ' Keeper '",
        "straße, STRASSE",
        "ﬁnch, finch", // a ligature
        "Ｋｅｅｐｅｒ, keeper", // full width
        "Zoe\u0308, Zoë", // composed or not
        "kee\u200bper, keeper" // a space of no width
    })
    void waysToWriteItAreOneKey(String one, String other) {
        assertThat(KeeperName.of(one).key()).isEqualTo(KeeperName.of(other).key());
    }

    /** The dotted capital I of Turkish is not the i of all others, and its key is the same wherever it is made. */
    @Test
    void theDottedCapitalIsALetterOfItsOwn() {
        assertThat(KeeperName.of("Ivo").key())
                .isEqualTo("ivo")
                .isNotEqualTo(KeeperName.of("İvo").key());
        assertThat(KeeperName.of("İvo").key()).isEqualTo(KeeperName.of("İVO").key());
    }

    @ParameterizedTest
    @CsvSource({"paypal, раураl", "Io, lo", "O5, 05"})
    void whatLooksAlikeHasOneLook(String one, String other) {
        assertThat(KeeperName.of(one).look()).isEqualTo(KeeperName.of(other).look());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Fernhollow",
                "keeper 1a2b3c4d",
                "José Núñez",
                "Ødegård",
                "苔の森",
                "Ελένη",
                "Ольга",
                "moss & sand",
                "ab"
            })
    void ordinaryNamesAreHad(String name) {
        assertThat(KeeperName.of(name).refusal()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "x, SIZE",
        "'  x ', SIZE",
        "kee\u0007per, UNSEEN",
        "kee\u200bper, UNSEEN",
        "kee\u202eper, UNSEEN", // turns the direction of writing
        "kee\u00a0per, UNSEEN", // a space that is none
        "kee\ue000per, UNSEEN",
        "kеeper, MIXED", // its second letter is Cyrillic
        "раypаl, MIXED",
        "1२3, MIXED" // digits of two scripts
    })
    void oddNamesAreRefusedWithTheirReason(String name, KeeperName.Refusal why) {
        assertThat(KeeperName.of(name).refusal()).contains(why);
    }

    @Test
    void aNameHasAnEnd() {
        assertThat(KeeperName.of("a".repeat(60)).refusal()).isEmpty();
        assertThat(KeeperName.of("a".repeat(61)).refusal()).contains(KeeperName.Refusal.SIZE);
        // one character that folds to eighteen
        assertThat(KeeperName.of("ﷺ".repeat(12)).refusal()).contains(KeeperName.Refusal.SIZE);
        KeeperName endless = KeeperName.of("ﷺ".repeat(1_000_000));
        assertThat(endless.key().length()).isLessThanOrEqualTo(200);
        assertThat(endless.look().length()).isLessThanOrEqualTo(200);
    }
}
