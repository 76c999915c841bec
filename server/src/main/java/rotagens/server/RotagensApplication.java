package rotagens.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import rotagens.server.clock.GuardedClock;

/** Starts the product: one process, one data folder, one address. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class RotagensApplication {

    public static void main(String[] args) {
        SpringApplication.run(RotagensApplication.class, args);
    }

    /** The machine's clock and zone; tests put another in its place. */
    @Bean
    Clock clock() {
        return new GuardedClock(Clock.systemDefaultZone());
    }
}
