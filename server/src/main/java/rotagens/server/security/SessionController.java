package rotagens.server.security;

import static rotagens.server.security.SecurityWords.WORDS;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.DateStyle;
import rotagens.core.measure.HouseStyle;
import rotagens.core.measure.Units;
import rotagens.server.people.Account;
import rotagens.server.people.FirstAccountCode;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.web.ProblemException;

/** Signing in and out, and one’s own account. */
@RestController
class SessionController {

    /**
     * Who is signed in and, if nobody is, how to.
     *
     * @param firstStart nobody could sign in yet: the first account is made here
     * @param empty nothing is on file at all: an export can be brought in
     * @param codeAsked the first account is made with the code printed where the program was started
     * @param simulated whether the devices’ stand-ins answer: in the demo only
     * @param style how this fleet writes dates and money
     * @param demoPeople the demo’s made-up people, who sign in by a click
     */
    record SessionView(
            @Nullable Person me,
            boolean firstStart,
            boolean empty,
            boolean codeAsked,
            boolean simulated,
            StyleView style,
            List<Person> demoPeople) {}

    /** How this fleet writes dates, and what stands before an amount of money. */
    record StyleView(DateStyle dates, String currencySign) {
        static StyleView now() {
            return new StyleView(HouseStyle.inUse().dates(), HouseStyle.inUse().currencySign());
        }
    }

    record SignInRequest(@Nullable String name, @Nullable String password) {}

    /** @param code as printed where the program was started; asked for where others reach the server */
    record FirstAccountRequest(
            @Nullable String name,
            @Nullable String password,
            @Nullable String code) {}

    record DemoSignInRequest(long personId) {}

    record UnitsRequest(Units units) {}

    record OwnPasswordRequest(
            @Nullable String old, @Nullable String password) {}

    private final People people;
    private final SignInThrottle signInThrottle;
    private final FirstAccountCode firstAccountCode;
    private final boolean demo;
    private final HttpSessionSecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
    private final CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();

    SessionController(
            People people,
            SignInThrottle signInThrottle,
            FirstAccountCode firstAccountCode,
            @Value("${rotagens.demo}") boolean demo) {
        this.firstAccountCode = firstAccountCode;
        this.people = people;
        this.signInThrottle = signInThrottle;
        this.demo = demo;
    }

    /** Who is signed in, and what this installation is. */
    @GetMapping("/api/session")
    SessionView getSession() {
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        if (now != null && now.getPrincipal() instanceof Account account) {
            return new SessionView(people.get(account.id()), false, false, false, demo, StyleView.now(), List.of());
        }
        return new SessionView(
                null,
                people.hasNoSignIn(),
                people.isEmpty(),
                firstAccountCode.isAsked(),
                demo,
                StyleView.now(),
                demo ? people.demo() : List.of());
    }

    /** Signs in by name and password. */
    @PostMapping("/api/session")
    SessionView signIn(@RequestBody SignInRequest typed, HttpServletRequest request, HttpServletResponse response) {
        String name = typed.name() == null ? "" : typed.name().strip();
        refuseTooOften(name, request, response);
        Account account = people.signIn(name, typed.password() == null ? "" : typed.password())
                .orElseThrow(() -> ProblemException.field("password", WORDS.say("nameOrPasswordIsWrong")));
        signInThrottle.forgive(name, request.getRemoteAddr());
        return enter(account, request, response);
    }

    private void refuseTooOften(String name, HttpServletRequest request, HttpServletResponse response) {
        long wait = signInThrottle.secondsToWait(name, request.getRemoteAddr());
        if (wait > 0) {
            response.setHeader("Retry-After", String.valueOf(wait));
            throw ProblemException.tooOften(WORDS.say("tooManyTriesWaitSeconds", "wait", wait));
        }
    }

    /** Signs in as one of the demo’s people. */
    @PostMapping("/api/session/demo")
    SessionView signInToDemo(
            @RequestBody DemoSignInRequest chosen, HttpServletRequest request, HttpServletResponse response) {
        Optional<Account> account = demo ? people.demoAccount(chosen.personId()) : Optional.empty();
        return enter(
                account.orElseThrow(() -> ProblemException.notFound(WORDS.say("thereAreNoDemoPeople"))),
                request,
                response);
    }

    /** Makes the first account of an empty folder. */
    @PostMapping("/api/first-account")
    SessionView createFirstAccount(
            @RequestBody FirstAccountRequest typed, HttpServletRequest request, HttpServletResponse response) {
        if (firstAccountCode.isAsked()) {
            refuseTooOften(WORDS.say("firstAccount"), request, response);
            firstAccountCode.refuseOther(typed.code());
        }
        return enter(people.addFirst(typed.name(), typed.password()), request, response);
    }

    /** Signs out; the device forgets. */
    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        SecurityContextHolder.clearContext();
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        // The device forgets it, too: the next person at it begins with nothing.
        String name = Optional.ofNullable(
                        request.getServletContext().getSessionCookieConfig().getName())
                .orElse("JSESSIONID");
        Cookie gone = new Cookie(name, "");
        gone.setPath("/");
        gone.setMaxAge(0);
        gone.setHttpOnly(true);
        gone.setSecure(request.isSecure());
        response.addCookie(gone);
    }

    /** Chooses US or metric units for oneself. */
    @PutMapping("/api/session/units")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setUnits(@RequestBody UnitsRequest chosen) {
        people.setUnits(people.me(), chosen.units());
    }

    /** Changes one’s own password, knowing the old one. */
    @PutMapping("/api/session/password")
    SessionView changeOwnPassword(
            @RequestBody OwnPasswordRequest typed, HttpServletRequest request, HttpServletResponse response) {
        // Whoever finds a device signed in doesn't get to guess the password at it.
        String name = people.named(people.me());
        refuseTooOften(name, request, response);
        Account account = people.changePassword(people.me(), typed.old(), typed.password());
        signInThrottle.forgive(name, request.getRemoteAddr());
        return enter(account, request, response);
    }

    /** A fresh session id and a fresh token: whatever was known before the sign-in is worth nothing after it. */
    private SessionView enter(Account account, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(CurrentUser.as(account));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        tokens.saveToken(tokens.generateToken(request), request, response);
        return new SessionView(people.get(account.id()), false, false, false, demo, StyleView.now(), List.of());
    }
}
