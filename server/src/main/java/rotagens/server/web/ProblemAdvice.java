package rotagens.server.web;

import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import rotagens.core.measure.InvalidInputException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns every failure into problem+json; what is our fault is logged, what was typed is not. */
@RestControllerAdvice
class ProblemAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ResponseEntity<Problem> expected(ProblemException e) {
        return answer(e.problem());
    }

    @ExceptionHandler
    ResponseEntity<Problem> invalid(InvalidInputException e) {
        return answer(Problem.of(HttpStatus.UNPROCESSABLE_CONTENT.value(), "Check the entry", e.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException e) {
        if (BodyLimit.wasExceeded(e)) {
            return answer(BodyLimit.PROBLEM);
        }
        if (e.getCause() instanceof DatabindException wrong && !wrong.getPath().isEmpty()) {
            String field = fieldOf(wrong);
            return answer(new Problem(
                    "about:blank",
                    "Check the marked entries",
                    HttpStatus.BAD_REQUEST.value(),
                    "Nothing was stored.",
                    List.of(new Problem.FieldError(field, "Enter a valid value.")),
                    null));
        }
        return answer(Problem.of(
                HttpStatus.BAD_REQUEST.value(),
                "The request can’t be read",
                "It isn’t valid JSON. Nothing was stored."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongPathOrQuery(MethodArgumentTypeMismatchException e) {
        return answer(new Problem(
                "about:blank",
                "Check the marked entries",
                HttpStatus.BAD_REQUEST.value(),
                "Nothing was stored.",
                List.of(new Problem.FieldError(e.getName(), "This isn’t a value known here.")),
                null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> headerMissing(MissingRequestHeaderException e) {
        return answer(Problem.of(
                HttpStatus.PRECONDITION_REQUIRED.value(),
                "Header missing",
                "This request needs the header " + e.getHeaderName() + "."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> anythingElse(Exception e) {
        if (e instanceof ErrorResponse known) {
            int status = known.getStatusCode().value();
            return answer(Problem.of(
                    status, status == 404 ? "Not found" : "The request can’t be answered", "Nothing was stored."));
        }
        Optional<Problem> storage = StorageProblem.of(e);
        if (storage.isPresent()) {
            LOG.error("{}", storage.get().detail(), e);
            return answer(storage.get());
        }
        LOG.error("Unexpected failure", e);
        return answer(Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR.value(),
                "Something failed on the server",
                "Nothing of this request was stored. Try again; if it happens again, look at the server’s log."));
    }

    private static String fieldOf(DatabindException e) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : e.getPath()) {
            if (step.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            } else {
                path.append("[").append(step.getIndex()).append("]");
            }
        }
        return path.toString();
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
