package rotagens.server.web;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Secrets that are told once: made at random, and kept as a digest where nobody has to tell them again. */
public final class Secrets {

    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    /** A new one, for an address or a header: letters, figures, hyphen and underscore. */
    public static String random() {
        byte[] bits = new byte[BYTES];
        RANDOM.nextBytes(bits);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bits);
    }

    /** What is kept of one: SHA-256, in hexadecimal. */
    public static String digest(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
