package rotagens.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;

/**
 * The sentences of one package. They stand in {@code words.properties} beside its code, by key and with named parts and plural
 * forms in the notation of ICU messages, so that they can be read and changed without reading code. A file
 * {@code words_es.properties} beside it is used instead where the program runs in that language.
 */
public final class Words {

    private final ResourceBundle bundle;
    private final Locale language;

    private Words(ResourceBundle bundle) {
        this.bundle = bundle;
        this.language = bundle.getLocale().equals(Locale.ROOT) ? Locale.US : bundle.getLocale();
    }

    /**
     * The sentences beside a class.
     *
     * @param owner any class of the package
     * @return its package's sentences, in the program's language where there are some, else in American English
     * @throws MissingResourceException where the package has no sentences
     */
    public static Words beside(Class<?> owner) {
        return new Words(ResourceBundle.getBundle(
                owner.getPackageName() + ".words",
                Locale.getDefault(Locale.Category.DISPLAY),
                owner.getClassLoader(),
                ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES)));
    }

    /**
     * A sentence whose parts are words already.
     *
     * @param key by which it stands in the file
     * @param named the name of each part followed by the part
     * @return for the screen
     * @throws MissingResourceException where the file has no such key
     */
    public String say(String key, Object... named) {
        return phrase(key, named).say(values(named));
    }

    /**
     * A sentence whose figures and days are said in the reader's units later.
     *
     * @param key by which it stands in the file
     * @param named the name of each part followed by the part: quantities, days, messages, counts or words
     * @return the sentence
     * @throws MissingResourceException where the file has no such key
     */
    public Message message(String key, Object... named) {
        return new Message(phrase(key, named), values(named));
    }

    private Phrase phrase(String key, Object... named) {
        List<String> names = new ArrayList<>();
        for (int i = 0; i < named.length; i += 2) {
            names.add((String) named[i]);
        }
        return new Phrase.Sentence(bundle.getString(key), language, names);
    }

    private static List<Object> values(Object... named) {
        List<Object> values = new ArrayList<>();
        for (int i = 1; i < named.length; i += 2) {
            values.add(named[i]);
        }
        return values;
    }
}
