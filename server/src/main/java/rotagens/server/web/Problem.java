package rotagens.server.web;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What went wrong, as {@code application/problem+json} (RFC 9457).
 *
 * @param title the problem in a few words
 * @param detail what happened, what was kept, what to do
 * @param fields which entries are wrong, each with a message a technician understands
 * @param current what is stored now, where somebody else changed it meanwhile
 */
public record Problem(
        String type,
        String title,
        int status,
        String detail,
        List<FieldError> fields,
        @Nullable Object current) {

    /**
     * One wrong entry.
     *
     * @param field its path in the request, for example {@code tread.outer}
     * @param ask whether it is only far from what was expected, and is kept once a person says that it is right
     */
    public record FieldError(String field, String message, boolean check) {

        public FieldError(String field, String message) {
            this(field, message, false);
        }
    }

    public static Problem of(int status, String title, String detail) {
        return new Problem("about:blank", title, status, detail, List.of(), null);
    }
}
