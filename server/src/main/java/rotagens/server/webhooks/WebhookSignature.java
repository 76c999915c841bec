package rotagens.server.webhooks;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.HexFormat;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/** Says that a message is ours and when it was sent: an HMAC with SHA-256 over the time and the body. */
public final class WebhookSignature {

    /** The header it stands in. */
    public static final String HEADER = "Rotagens-Signature";

    private static final Pattern FORM = Pattern.compile("t=([0-9]{1,12}),v1=([0-9a-f]{64})");

    private WebhookSignature() {}

    /** What stands in the header: {@code t=SECONDS,v1=HEX}. */
    public static String of(String secret, Instant at, String body) {
        return "t=" + at.getEpochSecond() + ",v1=" + hex(secret, at.getEpochSecond(), body);
    }

    /** Whether a header was made with this secret for this body; how old it may be is the receiver’s to say. */
    public static boolean isRight(String secret, String header, String body) {
        Matcher form = FORM.matcher(header == null ? "" : header);
        return form.matches()
                && MessageDigest.isEqual(bytes(hex(secret, Long.parseLong(form.group(1)), body)), bytes(form.group(2)));
    }

    private static String hex(String secret, long seconds, String body) {
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(bytes(secret), "HmacSHA256"));
            return HexFormat.of().formatHex(mac.doFinal(bytes(seconds + "." + body)));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
