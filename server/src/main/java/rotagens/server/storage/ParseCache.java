package rotagens.server.storage;

import java.util.function.Function;

/**
 * What stored texts meant, kept for the most usual ones: a fleet's readings say the same few pressures, depths and instants over
 * and over, and reading each anew took most of the time of loading them.
 */
final class ParseCache<T> {

    private static final int PLACES = 4096;

    private record Known<T>(String text, T meaning) {}

    private final Function<String, T> read;
    /** Each text has one place; a newer one takes it. Threads may overwrite each other: what is kept never changes. */
    private final Object[] known = new Object[PLACES];

    ParseCache(Function<String, T> read) {
        this.read = read;
    }

    /** The meaning of a stored text; null of null. */
    @SuppressWarnings("unchecked")
    T of(String text) {
        if (text == null) {
            return null;
        }
        int hash = text.hashCode();
        int place = (hash ^ hash >>> 16) & PLACES - 1;
        Known<T> here = (Known<T>) known[place];
        if (here == null || !here.text().equals(text)) {
            here = new Known<>(text, read.apply(text));
            known[place] = here;
        }
        return here.meaning();
    }
}
