package rotagens.server.security;

import static rotagens.server.security.SecurityWords.WORDS;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import rotagens.server.people.Account;
import rotagens.server.web.Problem;
import tools.jackson.databind.json.JsonMapper;

/** Says no as problem+json: sign in first, not your role, or a page that has gone stale. */
@Component
class AccessDeniedResponses implements AuthenticationEntryPoint, AccessDeniedHandler {

    private final JsonMapper json;

    AccessDeniedResponses(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException e)
            throws IOException {
        answer(response, HttpStatus.UNAUTHORIZED, WORDS.say("signInFirst"), WORDS.say("nothingWasStoredSign"));
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException e)
            throws IOException {
        if (e instanceof CsrfException) {
            answer(response, HttpStatus.FORBIDDEN, WORDS.say("thisPageIsOut"), WORDS.say("nothingWasStoredTryOnce"));
            return;
        }
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        String role = who != null && who.getPrincipal() instanceof Account account
                ? WORDS.say("asYouMayNotDo", "role", account.role().words())
                : WORDS.say("youMayNotDo");
        answer(response, HttpStatus.FORBIDDEN, WORDS.say("notAllowed"), WORDS.say("nothingWasStored", "role", role));
    }

    private void answer(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(Problem.of(status, title, detail)));
    }
}
