package tanah.web.account;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UCharacterCategory;
import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.SpoofChecker;
import java.util.Optional;
import java.util.Set;

/**
 * The name of an account: one key whatever way it is written (Unicode's NFKC with case folded), and what it looks like (the skeleton
 * of Unicode Technical Standard 39).
 *
 * @param shown as its keeper writes it
 * @param key   equal for all ways to write it
 * @param look  equal for all that look alike
 */
public record KeeperName(String shown, String key, String look) {
    private static final int SHORTEST = 2;
    private static final int LONGEST = 60;
    private static final int MOST_TYPED = 2 * LONGEST + 1; // a character may take two of Java's
    private static final int MOST_KEY = 200; // what an index holds
    private static final Normalizer2 FOLD = Normalizer2.getNFKCCasefoldInstance();
    private static final Normalizer2 COMPOSED = Normalizer2.getNFCInstance();

    /** One script, or one of East Asia's usual mixes, without marks that nobody sees. */
    private static final SpoofChecker CHECKER = new SpoofChecker.Builder()
            .setChecks(SpoofChecker.RESTRICTION_LEVEL | SpoofChecker.INVISIBLE | SpoofChecker.MIXED_NUMBERS)
            .setRestrictionLevel(SpoofChecker.RestrictionLevel.HIGHLY_RESTRICTIVE)
            .build();

    private static final SpoofChecker LOOKS = new SpoofChecker.Builder().build();
    private static final Set<Byte> UNSEEN = Set.of(
            UCharacterCategory.CONTROL,
            UCharacterCategory.FORMAT,
            UCharacterCategory.SURROGATE,
            UCharacterCategory.PRIVATE_USE,
            UCharacterCategory.UNASSIGNED,
            UCharacterCategory.LINE_SEPARATOR,
            UCharacterCategory.PARAGRAPH_SEPARATOR);

    /** Why a name cannot be had. */
    public enum Refusal {
        /** Not 2 to 60 characters. */
        SIZE,
        /** It holds characters that nobody sees. */
        UNSEEN,
        /** It mixes alphabets or digits that look alike. */
        MIXED
    }

    /** Of what was typed, whatever it is: to look a keeper up, not to make one. What is longer than any name is cut. */
    public static KeeperName of(String typed) {
        String text = COMPOSED.normalize(cut(typed.strip(), MOST_TYPED));
        String key = cut(FOLD.normalize(text).strip(), MOST_KEY);
        return new KeeperName(text, key, cut(FOLD.normalize(LOOKS.getSkeleton(text)), MOST_KEY));
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }

    /** Why nobody can be called so; empty where somebody can. */
    public Optional<Refusal> refusal() {
        long length = shown.codePoints().count();
        if (length < SHORTEST || length > LONGEST || key.length() < SHORTEST || key.length() >= MOST_KEY) {
            return Optional.of(Refusal.SIZE);
        }
        if (shown.codePoints().anyMatch(KeeperName::isUnseen)) {
            return Optional.of(Refusal.UNSEEN);
        }
        return CHECKER.failsChecks(shown) ? Optional.of(Refusal.MIXED) : Optional.empty();
    }

    private static boolean isUnseen(int c) {
        byte category = (byte) UCharacter.getType(c);
        boolean oddSpace = category == UCharacterCategory.SPACE_SEPARATOR && c != ' ';
        return oddSpace || UNSEEN.contains(category);
    }
}
