package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The version of something two people may edit, as it travels in {@code If-Match}. */
public final class EntityVersion {

    private static final Pattern QUOTED = Pattern.compile("\"?([0-9]{1,9})\"?");

    private EntityVersion() {}

    /** Reads the header; {@code "0"} means nothing was stored yet. */
    public static int seen(String ifMatch) {
        Matcher version = QUOTED.matcher(ifMatch);
        if (!version.matches()) {
            throw ProblemException.field("If-Match", WORDS.say("sendTheVersionYouSaw"));
        }
        return Integer.parseInt(version.group(1));
    }
}
