package rotagens.server.search;

import java.util.Locale;

/** What counts of a text that is looked for: its letters and digits. */
final class SearchText {

    private SearchText() {}

    /**
     * Without what people put in or leave out as they like: spaces, hyphens, slashes, dots, commas, underscores, apostrophes. The
     * triggers that keep the index take out the same characters.
     */
    static String bare(String typed) {
        return typed.toUpperCase(Locale.ROOT).replaceAll("[\\s\\-/._,'’]+", "");
    }
}
