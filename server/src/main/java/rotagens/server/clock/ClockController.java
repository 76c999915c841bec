package rotagens.server.clock;

import static rotagens.server.clock.ClockWords.WORDS;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import rotagens.core.measure.HouseStyle;
import rotagens.server.people.People;
import rotagens.server.web.ProblemException;

/** Says where the machine's clock can't be right, and stores nothing by it. */
@RestController
class ClockController {

    private final ClockMonitor watch;
    private final Clock readClock;
    private final People people;

    ClockController(ClockMonitor watch, Clock clock, People people) {
        this.watch = watch;
        this.readClock = clock;
        this.people = people;
    }

    /** @param says what is wrong with the clock; absent where nothing is */
    record ClockView(Instant now, @Nullable String statement) {}

    /** Whether this machine’s clock can be believed. */
    @GetMapping("/api/clock")
    ClockView readClock() {
        return new ClockView(
                watch.machine(), watch.standsBefore().map(this::words).orElse(null));
    }

    /** A manager says that the clock is right now: what is dated later was stored while it ran ahead. */
    @PostMapping("/api/clock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void confirmClock() {
        watch.isRight(people.me());
    }

    private String words(Instant latest) {
        ZoneId zone = readClock.getZone();
        return WORDS.say(
                "thisMachinesClockSaysBut", "now", written(watch.machine(), zone), "stored", written(latest, zone));
    }

    /** Refuses writes while the clock can't be right; looking, signing in and setting it right go on. */
    @Configuration(proxyBeanMethods = false)
    static class Refusing implements WebMvcConfigurer {

        private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");

        private final ClockController clock;

        Refusing(ClockController clock) {
            this.clock = clock;
        }

        @Override
        public void addInterceptors(InterceptorRegistry registry) {
            registry.addInterceptor(new HandlerInterceptor() {
                        @Override
                        public boolean preHandle(
                                HttpServletRequest request, HttpServletResponse response, Object handler) {
                            // Looking asks too: pages are then worked out as of the last moment stored.
                            clock.watch
                                    .standsBefore()
                                    .filter(latest -> !LOOKING.contains(request.getMethod()))
                                    .ifPresent(latest -> {
                                        throw ProblemException.conflict(clock.words(latest));
                                    });
                            return true;
                        }
                    })
                    .addPathPatterns("/api/**")
                    .excludePathPatterns("/api/clock", "/api/session/**", "/api/session", "/api/first-account/**");
        }
    }

    private static String written(Instant at, ZoneId zone) {
        return HouseStyle.inUse().dates().format(at.atZone(zone).toLocalDateTime());
    }
}
