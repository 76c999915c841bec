package rotagens.core.measure;

import java.time.LocalDate;
import java.util.List;

/**
 * A sentence for the screen with its figures still as quantities, so that it reads in either family of units. {@code {}}
 * marks where the next part goes.
 *
 * @param template the sentence, {@code {}} where a part goes
 * @param parts in their order: quantities, days, messages, or words
 */
public record Message(String template, List<Object> parts) {

    /**
     * Keeps its own copy.
     *
     * @param template the sentence
     * @param parts in their order
     */
    public Message {
        parts = List.copyOf(parts);
    }

    /**
     * A sentence with its parts.
     *
     * @param template the sentence, {@code {}} where a part goes
     * @param parts in their order
     * @return the sentence
     */
    public static Message of(String template, Object... parts) {
        return new Message(template, List.of(parts));
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
                String.join(between, java.util.Collections.nCopies(messages.size(), "{}")), List.copyOf(messages));
    }

    /**
     * The sentence with its figures in the given units and its dates as the fleet writes them.
     *
     * @param units the family of units to say it in
     * @return for the screen
     * @throws IllegalStateException where it has more parts than places for them
     */
    public String in(Units units) {
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (Object part : parts) {
            int hole = template.indexOf("{}", from);
            if (hole < 0) {
                throw new IllegalStateException("More values than placeholders in “" + template + "”");
            }
            text.append(template, from, hole).append(shown(part, units));
            from = hole + 2;
        }
        return text.append(template.substring(from)).toString();
    }

    private static String shown(Object part, Units units) {
        if (part instanceof Quantity quantity) {
            return quantity.format(units);
        }
        if (part instanceof Message message) {
            return message.in(units);
        }
        if (part instanceof LocalDate day) {
            return HouseStyle.inUse().dates().format(day);
        }
        return String.valueOf(part);
    }
}
