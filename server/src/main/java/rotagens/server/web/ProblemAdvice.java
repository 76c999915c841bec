package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
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
        return answer(Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, WORDS.say("checkTheEntry"), e.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException e) {
        if (BodyLimit.wasExceeded(e)) {
            return answer(BodyLimit.PROBLEM);
        }
        Optional<Problem> notTaken = BodyLimit.notTaken(e);
        if (notTaken.isPresent()) {
            return answer(notTaken.get());
        }
        if (e.getCause() instanceof DatabindException wrong && !wrong.getPath().isEmpty()) {
            String field = fieldOf(wrong);
            return answer(Problem.ofFields(
                    HttpStatus.BAD_REQUEST,
                    WORDS.say("checkTheMarkedEntries"),
                    WORDS.say("nothingWasStored"),
                    List.of(new Problem.FieldError(field, WORDS.say("enterAValidValue")))));
        }
        return answer(Problem.of(
                HttpStatus.BAD_REQUEST, WORDS.say("requestCantBeRead"), WORDS.say("itIsntValidJsonNothing")));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongPathOrQuery(MethodArgumentTypeMismatchException e) {
        return answer(Problem.ofFields(
                HttpStatus.BAD_REQUEST,
                WORDS.say("checkTheMarkedEntries"),
                WORDS.say("nothingWasStored"),
                List.of(new Problem.FieldError(e.getName(), WORDS.say("thisIsntAValueKnown")))));
    }

    @ExceptionHandler
    ResponseEntity<Problem> headerMissing(MissingRequestHeaderException e) {
        return answer(Problem.of(
                HttpStatus.PRECONDITION_REQUIRED,
                WORDS.say("headerMissing"),
                WORDS.say("thisRequestNeedsTheHeader", "headerName", e.getHeaderName())));
    }

    /** Whoever asked has gone before the answer was written: nobody is there to tell, and nothing is wrong here. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void goneMeanwhile() {
        // Nothing to write it to.
    }

    @ExceptionHandler
    ResponseEntity<Problem> anythingElse(Exception e) {
        if (e instanceof ErrorResponse known) {
            HttpStatusCode status = known.getStatusCode();
            return answer(Problem.of(
                    status,
                    status.value() == HttpStatus.NOT_FOUND.value()
                            ? WORDS.say("notFound")
                            : WORDS.say("requestCantBeAnswered"),
                    WORDS.say("nothingWasStored")));
        }
        Optional<Problem> notTaken = BodyLimit.notTaken(e);
        if (notTaken.isPresent()) {
            return answer(notTaken.get());
        }
        Optional<Problem> storage = StorageProblem.of(e);
        if (storage.isPresent()) {
            LOG.error("{}", storage.get().getDetail(), e);
            return answer(storage.get());
        }
        LOG.error("Unexpected failure", e);
        return answer(Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                WORDS.say("somethingFailedOnTheServer"),
                WORDS.say("nothingOfThisRequestWas")));
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
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(problem.getStatus());
        if (problem.getStatus() == HttpStatus.SERVICE_UNAVAILABLE.value()) {
            answer.header(HttpHeaders.RETRY_AFTER, "2");
        }
        return answer.contentType(MediaType.APPLICATION_PROBLEM_JSON).body(problem);
    }
}
