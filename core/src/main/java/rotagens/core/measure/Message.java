package rotagens.core.measure;

import java.time.LocalDate;
import java.util.List;

/**
 * A sentence for the screen with its figures still as quantities, so that it reads in either family of units.
 *
 * @param phrase its words, and where its parts go
 * @param parts in their order: quantities, days, messages, counts, or words
 */
public record Message(Phrase phrase, List<Object> parts) {

    /**
     * Keeps its own copy.
     *
     * @param phrase its words
     * @param parts in their order
     */
    public Message {
        parts = List.copyOf(parts);
    }

    /**
     * Parts with nothing but marks between them, or one part alone. Whatever has words stands in a words file: {@link Words}.
     *
     * @param template {@code {}} where the next part goes
     * @param parts in their order
     * @return the sentence
     */
    public static Message of(String template, Object... parts) {
        return new Message(new Phrase.Places(template), List.of(parts));
    }

    /**
     * Several phrases one after the other.
     *
     * @param messages the phrases
     * @param between what stands between two
     * @return one sentence of them
     */
    public static Message join(List<Message> messages, String between) {
        return new Message(
                new Phrase.Places(String.join(between, java.util.Collections.nCopies(messages.size(), "{}"))),
                List.copyOf(messages));
    }

    /**
     * The sentence with its figures in the given units and its dates as the fleet writes them.
     *
     * @param units the family of units to say it in
     * @return for the screen
     * @throws IllegalStateException where it has more parts than places for them
     */
    public String in(Units units) {
        return phrase.say(parts.stream().map(part -> shown(part, units)).toList());
    }

    private static Object shown(Object part, Units units) {
        if (part instanceof Quantity quantity) {
            return quantity.format(units);
        }
        if (part instanceof Message message) {
            return message.in(units);
        }
        if (part instanceof LocalDate day) {
            return HouseStyle.inUse().dates().format(day);
        }
        return part;
    }
}
