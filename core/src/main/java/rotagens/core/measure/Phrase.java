package rotagens.core.measure;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** The words of a sentence and where its parts go. */
public sealed interface Phrase {

    /**
     * The sentence with its parts.
     *
     * @param parts in their order: text, or a number where it decides between one and several
     * @return for the screen
     * @throws IllegalStateException where it has more parts than places for them
     */
    String say(List<?> parts);

    /**
     * Parts with nothing but marks between them.
     *
     * @param text {@code {}} where the next part goes
     */
    record Places(String text) implements Phrase {

        @Override
        public String say(List<?> parts) {
            StringBuilder said = new StringBuilder();
            int from = 0;
            for (Object part : parts) {
                int hole = text.indexOf("{}", from);
                if (hole < 0) {
                    throw new IllegalStateException("More values than placeholders in “" + text + "”");
                }
                said.append(text, from, hole).append(part);
                from = hole + 2;
            }
            return said.append(text.substring(from)).toString();
        }
    }

    /**
     * A sentence of a words file.
     *
     * @param pattern in the notation of ICU messages
     * @param language whose plural forms it has
     * @param names of its parts, in their order
     */
    record Sentence(String pattern, Locale language, List<String> names) implements Phrase {

        private static final Map<String, Compiled> COMPILED = new ConcurrentHashMap<>();

        /**
         * Keeps a copy of the names.
         *
         * @param pattern in the notation of ICU messages
         * @param language whose plural forms it has
         * @param names of its parts, in their order
         */
        public Sentence {
            names = List.copyOf(names);
        }

        @Override
        public String say(List<?> parts) {
            Compiled compiled = COMPILED.computeIfAbsent(pattern, text -> Compiled.of(text, language));
            Map<String, Object> named = new HashMap<>();
            for (int i = 0; i < names.size(); i++) {
                Object part = parts.get(i);
                boolean counts = part instanceof Number && compiled.counted().contains(names.get(i));
                named.put(names.get(i), counts ? part : String.valueOf(part));
            }
            return compiled.say(named);
        }

        /**
         * A pattern made ready once.
         *
         * @param format not made for two at a time
         * @param counted names of numbers that decide between one and several
         */
        private record Compiled(MessageFormat format, Set<String> counted) {

            static Compiled of(String pattern, Locale language) {
                MessagePattern parsed = new MessagePattern(pattern);
                Set<String> counted = new HashSet<>();
                for (int i = 0; i < parsed.countParts(); i++) {
                    MessagePattern.Part part = parsed.getPart(i);
                    if (part.getType() == MessagePattern.Part.Type.ARG_START
                            && part.getArgType().hasPluralStyle()) {
                        counted.add(parsed.getSubstring(parsed.getPart(i + 1)));
                    }
                }
                return new Compiled(new MessageFormat(pattern, language), Set.copyOf(counted));
            }

            String say(Map<String, Object> named) {
                synchronized (format) {
                    return format.format(named);
                }
            }
        }
    }
}
