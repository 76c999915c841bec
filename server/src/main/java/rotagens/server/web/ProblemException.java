package rotagens.server.web;

import java.util.List;
import org.springframework.http.HttpStatus;

/** Ends a request with a problem for the person who made it. Nothing of the request is stored. */
public class ProblemException extends RuntimeException {

    private final transient Problem problem;

    private ProblemException(Problem problem) {
        super(problem.title());
        this.problem = problem;
    }

    public static ProblemException notFound(String what) {
        return new ProblemException(Problem.of(HttpStatus.NOT_FOUND.value(), "Not found", what));
    }

    /** Asked too often. */
    public static ProblemException tooMany(String what) {
        return new ProblemException(Problem.of(HttpStatus.TOO_MANY_REQUESTS.value(), "Too many at once", what));
    }

    /** Entries that can't be right. */
    public static ProblemException fields(List<Problem.FieldError> fieldErrors) {
        return new ProblemException(new Problem(
                "about:blank",
                "Check the marked entries",
                HttpStatus.UNPROCESSABLE_CONTENT.value(),
                "Nothing was stored. What you typed is still here.",
                fieldErrors,
                null));
    }

    public static ProblemException field(String field, String message) {
        return fields(List.of(new Problem.FieldError(field, message)));
    }

    /** The request makes no sense in the present state, for example a second sign-off of the same job. */
    public static ProblemException conflict(String detail) {
        return new ProblemException(Problem.of(HttpStatus.CONFLICT.value(), "This can’t be done now", detail));
    }

    /** Too many requests of a kind in a short time. */
    public static ProblemException tooOften(String detail) {
        return new ProblemException(Problem.of(HttpStatus.TOO_MANY_REQUESTS.value(), "Too often", detail));
    }

    /** Somebody changed the same thing since it was read; both versions go back to the person. */
    public static ProblemException changedMeanwhile(String detail, Object current) {
        return new ProblemException(new Problem(
                "about:blank",
                "Changed meanwhile",
                HttpStatus.PRECONDITION_FAILED.value(),
                detail,
                List.of(),
                current));
    }

    public Problem problem() {
        return problem;
    }
}
