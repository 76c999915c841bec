package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.util.List;
import org.springframework.http.HttpStatus;

/** Ends a request with a problem for the person who made it. Nothing of the request is stored. */
public class ProblemException extends RuntimeException {

    private final transient Problem problem;

    private ProblemException(Problem problem) {
        super(problem.getTitle());
        this.problem = problem;
    }

    public static ProblemException notFound(String what) {
        return new ProblemException(Problem.of(HttpStatus.NOT_FOUND, WORDS.say("notFound"), what));
    }

    /** Asked too often. */
    public static ProblemException tooMany(String what) {
        return new ProblemException(Problem.of(HttpStatus.TOO_MANY_REQUESTS, WORDS.say("tooManyAtOnce"), what));
    }

    /** Entries that can't be right. */
    public static ProblemException fields(List<Problem.FieldError> fieldErrors) {
        return new ProblemException(Problem.ofFields(
                HttpStatus.UNPROCESSABLE_CONTENT,
                WORDS.say("checkTheMarkedEntries"),
                WORDS.say("nothingWasStoredWhatYou"),
                fieldErrors));
    }

    public static ProblemException field(String field, String message) {
        return fields(List.of(new Problem.FieldError(field, message)));
    }

    /** The request makes no sense in the present state, for example a second sign-off of the same job. */
    public static ProblemException conflict(String detail) {
        return new ProblemException(Problem.of(HttpStatus.CONFLICT, WORDS.say("thisCantBeDoneNow"), detail));
    }

    /** Too many requests of a kind in a short time. */
    public static ProblemException tooOften(String detail) {
        return new ProblemException(Problem.of(HttpStatus.TOO_MANY_REQUESTS, WORDS.say("tooOften"), detail));
    }

    /** Nothing is wrong with the request; it has to wait for others. Nothing of it was stored, so it can be sent again as it is. */
    public static ProblemException busy(String detail) {
        return new ProblemException(Problem.of(HttpStatus.SERVICE_UNAVAILABLE, Problem.BUSY, detail));
    }

    /** Somebody changed the same thing since it was read; both versions go back to the person. */
    public static ProblemException changedMeanwhile(String detail, Object current) {
        return new ProblemException(
                Problem.changed(HttpStatus.PRECONDITION_FAILED, WORDS.say("changedMeanwhile"), detail, current));
    }

    public Problem problem() {
        return problem;
    }
}
