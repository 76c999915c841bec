package rotagens.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.context.support.TestPropertySourceUtils;

/** The whole server on the demo fleet in a fresh folder, on a fixed day: Monday, 23 November 2026. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        properties = {
            "rotagens.demo=true",
            "rotagens.demo.week=false",
            "rotagens.sign-in.hash-cost=4",
            "springdoc.writer-with-order-by-keys=true"
        })
@AutoConfigureMockMvc
@Import(ServerTest.FixedDay.class)
@ContextConfiguration(initializers = ServerTest.FreshFolder.class)
@DirtiesContext
public @interface ServerTest {

    /** A clock that stands still. */
    @TestConfiguration
    class FixedDay {
        @Bean
        @Primary
        Clock fixedClock() {
            return Clock.fixed(Instant.parse("2026-11-23T15:00:00Z"), ZoneId.of("America/Chicago"));
        }
    }

    /** A data folder of this test alone; the demo's records are made once and copied for the tests after. */
    class FreshFolder implements ApplicationContextInitializer<ConfigurableApplicationContext> {

        private static Path made;

        @Override
        public void initialize(ConfigurableApplicationContext context) {
            try {
                Path folder = Files.createTempDirectory("rotagens-test");
                TestPropertySourceUtils.addInlinedPropertiesToEnvironment(context, "rotagens.data=" + folder);
                if (!context.getEnvironment().getProperty("rotagens.demo", Boolean.class, false)) {
                    return;
                }
                if (made != null) {
                    Files.copy(made, folder.resolve("rotagens.sqlite"));
                } else {
                    context.addApplicationListener((ApplicationListener<ApplicationReadyEvent>) ready -> keep(folder));
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        private static void keep(Path folder) {
            Path copy = folder.resolveSibling(folder.getFileName() + "-as-made.sqlite");
            try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("rotagens.sqlite"));
                    Statement statement = database.createStatement()) {
                statement.execute("VACUUM INTO '" + copy + "'");
                made = copy;
                copy.toFile().deleteOnExit();
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }
    }
}
