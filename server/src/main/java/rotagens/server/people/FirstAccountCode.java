package rotagens.server.people;

import static rotagens.server.people.PeopleWords.WORDS;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import rotagens.server.web.ProblemException;

/**
 * Where others than this machine reach the server, the first account is for whoever started it: a code is printed where it was
 * started, and asked for. It is forgotten once there is an account, and every start makes another.
 */
@Component
public class FirstAccountCode {

    /** No letters and figures that are taken for each other. */
    private static final String LETTERS = "ACDEFGHJKLMNPQRTUVWXY34679";

    private static final int LENGTH = 8;

    private final People people;
    private final boolean isWanted;
    private final String code;

    FirstAccountCode(
            People people,
            @Value("${rotagens.lan:false}") boolean isOnLan,
            @Value("${rotagens.proxy:}") String proxy,
            @Value("${rotagens.demo:false}") boolean isDemo) {
        this.people = people;
        this.isWanted = (isOnLan || !proxy.isBlank()) && !isDemo;
        SecureRandom random = new SecureRandom();
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            made.append(i == LENGTH / 2 ? "-" : "").append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        this.code = made.toString();
    }

    /** Whether the first account has to be asked for with the code. */
    public boolean isAsked() {
        return isWanted && people.hasNoSignIn();
    }

    /** @throws ProblemException at the field {@code code} where it is asked for and another was typed */
    public void refuseOther(@Nullable String typed) {
        if (isAsked() && !MessageDigest.isEqual(bytes(code), bytes(typed == null ? "" : typed))) {
            throw ProblemException.field("code", WORDS.say("enterTheCodePrintedWhere"));
        }
    }

    private static byte[] bytes(String text) {
        return text.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "").getBytes(StandardCharsets.UTF_8);
    }

    /** For the terminal, or the service’s journal: whoever reads it keeps the machine. */
    @EventListener(ApplicationReadyEvent.class)
    void print() {
        if (isAsked()) {
            System.out.println(WORDS.say("codeForTheFirstAccount", "code", code));
        }
    }
}
