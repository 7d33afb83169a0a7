package tanah.web.shell;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Words that open something: drawn by chance, and kept as hashes alone. */
public final class Secrets {
    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** 192 bits of chance, as 32 letters that an address can hold. */
    public static String fresh() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** SHA-256 in hexadecimal: enough for what is drawn by chance, too quick for passwords. */
    public static String hash(String secret) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // every Java has it
        }
    }
}
