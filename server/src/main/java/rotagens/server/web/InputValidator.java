package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import rotagens.core.measure.InvalidInputException;

/** Reads the entries of one request and gathers everything that is wrong with them, so that a person sees it all at once. */
public final class InputValidator {

    private final List<Problem.FieldError> wrong = new ArrayList<>();

    /** Reads an optional entry; empty when blank or wrong. */
    public <T> Optional<T> optional(String field, String text, Function<String, T> reader) {
        if (text == null || text.isBlank()) {
            return Optional.empty();
        }
        return attempt(field, () -> reader.apply(text));
    }

    /** Reads an entry that must be there; empty when it is missing or wrong, which is then noted. */
    public <T> Optional<T> required(String field, String text, Function<String, T> reader) {
        return attempt(field, () -> reader.apply(text == null ? "" : text));
    }

    /** Runs a check whose refusal belongs to a field. */
    public <T> Optional<T> attempt(String field, Supplier<T> reader) {
        try {
            return Optional.of(reader.get());
        } catch (InvalidInputException e) {
            wrong(field, e.getMessage());
            return Optional.empty();
        }
    }

    /** Words without the spaces round them, at most so long; empty where nothing was typed. */
    public String text(String field, String given, int longest) {
        String clean = given == null ? "" : given.strip();
        unless(clean.length() <= longest, field, WORDS.say("atMostCharacters", "longest", longest));
        return clean;
    }

    /** Asks about a figure that is far from what was expected; it is kept once a person says that it is right. */
    public void ask(String field, String question) {
        wrong.add(new Problem.FieldError(field, question, true));
    }

    /** Notes a message at a field unless all is well there. */
    public void unless(boolean allIsWell, String field, String message) {
        if (!allIsWell) {
            wrong(field, message);
        }
    }

    public void wrong(String field, String message) {
        wrong.add(new Problem.FieldError(field, message));
    }

    /** Whether nothing was wrong so far. */
    public boolean isFine() {
        return wrong.isEmpty();
    }

    /** Ends the request if anything was wrong. */
    public void refuseIfWrong() {
        if (!wrong.isEmpty()) {
            throw ProblemException.fields(wrong);
        }
    }
}
