package rotagens.server.web;

import static rotagens.server.web.WebWords.WORDS;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * No request of this product needs a large body: past the limit it is refused, whatever length it claimed. Nor may a body come
 * in drop by drop: it has a time, and one address has so many under way at once ({@link BodyPlaces}), so that half-sent bodies
 * never hold every thread.
 */
@Component
class BodyLimit extends OncePerRequestFilter {

    static final int MOST_BYTES = 256 * 1024;

    static final Problem PROBLEM = problem(WORDS.say("requestMayHoldAtMost"));

    /** Files are larger than entries, each kind up to its own measure. */
    private static final Map<String, Integer> FILES = Map.of(
            "/api/imports/", 8 * 1024 * 1024,
            "/api/first-account/export", 512 * 1024 * 1024);

    private static Problem problem(String detail) {
        return Problem.of(HttpStatus.CONTENT_TOO_LARGE, WORDS.say("tooMuchAtOnce"), detail);
    }

    private static final int PHOTO_BYTES = 16 * 1024 * 1024;

    private static int most(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (path.endsWith("/photos")) {
            return PHOTO_BYTES;
        }
        return FILES.entrySet().stream()
                .filter(file -> request.getRequestURI().startsWith(file.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(MOST_BYTES);
    }

    private final JsonMapper json;
    private final BodyPlaces places;

    BodyLimit(JsonMapper json, BodyPlaces places) {
        this.json = json;
        this.places = places;
    }

    static boolean wasExceeded(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge) {
                return true;
            }
        }
        return false;
    }

    /** Why a body was not taken, where that was its failure. */
    static Optional<Problem> notTaken(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyPlaces.NotTaken not) {
                return Optional.of(not.problem());
            }
        }
        return Optional.empty();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = most(request);
        if (request.getContentLengthLong() > most) {
            Problem problem =
                    most == MOST_BYTES ? PROBLEM : problem(WORDS.say("fileMayHoldAtMost", "most", most / 1024 / 1024));
            response.setStatus(problem.getStatus());
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream().write(json.writeValueAsBytes(problem));
            return;
        }
        BodyPlaces.Place place = places.of(request.getRemoteAddr());
        try {
            chain.doFilter(new Counted(request, most, place), response);
        } finally {
            place.leave();
        }
    }

    private static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private static final class Counted extends HttpServletRequestWrapper {
        private final int most;
        private final BodyPlaces.Place place;

        Counted(HttpServletRequest request, int most, BodyPlaces.Place place) {
            super(request);
            this.most = most;
            this.place = place;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most, place);
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream in;
        private final int limit;
        private final BodyPlaces.Place place;
        private int read;

        CountedStream(ServletInputStream in, int limit, BodyPlaces.Place place) {
            this.in = in;
            this.limit = limit;
            this.place = place;
        }

        @Override
        public int read() throws IOException {
            place.enter();
            int next = in.read();
            count(next < 0 ? -1 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            place.enter();
            int got = in.read(into, from, most);
            count(got < 0 ? -1 : got);
            return got;
        }

        /** @param bytes those that came; -1 at the end */
        private void count(int bytes) throws IOException {
            if (bytes < 0) {
                place.leave();
                return;
            }
            read += bytes;
            place.goesOn(read);
            if (read > limit) {
                throw new TooLarge();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
