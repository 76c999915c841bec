package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.net.URI;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;

/**
 * What went wrong, as {@code application/problem+json} (RFC 9457): the title says the problem in a few words, the detail what
 * happened, what was kept and what to do.
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public final class Problem extends ProblemDetail {

    /** The title of what only has to wait. */
    static final String BUSY = WORDS.say("busyJustNow");

    private final List<FieldError> fields;
    private final @Nullable Object current;

    /**
     * One wrong entry.
     *
     * @param field its path in the request, for example {@code tread.outer}
     * @param check whether it is only far from what was expected, and is kept once a person says that it is right
     */
    public record FieldError(String field, String message, boolean check) {

        public FieldError(String field, String message) {
            this(field, message, false);
        }
    }

    private Problem(
            HttpStatusCode status, String title, String detail, List<FieldError> fields, @Nullable Object current) {
        super(status.value());
        setType(URI.create("about:blank"));
        setTitle(title);
        setDetail(detail);
        this.fields = List.copyOf(fields);
        this.current = current;
    }

    public static Problem of(HttpStatusCode status, String title, String detail) {
        return new Problem(status, title, detail, List.of(), null);
    }

    /** Entries that can't be right. */
    public static Problem ofFields(HttpStatusCode status, String title, String detail, List<FieldError> fields) {
        return new Problem(status, title, detail, fields, null);
    }

    /** Somebody else changed the same thing meanwhile. */
    public static Problem changed(HttpStatusCode status, String title, String detail, Object current) {
        return new Problem(status, title, detail, List.of(), current);
    }

    /** Which entries are wrong, each with a message a technician understands. */
    public List<FieldError> getFields() {
        return fields;
    }

    /** What is stored now, where somebody else changed it meanwhile. */
    public @Nullable Object getCurrent() {
        return current;
    }

    /** Nothing is added beside what has a name here. */
    @Override
    @JsonIgnore
    public @Nullable Map<String, Object> getProperties() {
        return null;
    }
}
