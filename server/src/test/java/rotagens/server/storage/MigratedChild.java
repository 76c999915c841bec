package rotagens.server.storage;

import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Duration;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;

/** A small process that brings a data folder up to date over the product's own connection, and says when each step begins. */
public final class MigratedChild {

    private static final PrintStream OUT = System.out;

    private MigratedChild() {}

    public static void main(String[] args) throws Exception {
        Flyway.configure()
                .dataSource(new DataSources(Path.of(args[0])).writer(Duration.ofSeconds(5)))
                .locations("classpath:db/migration")
                .callbacks(new Callback() {
                    @Override
                    public boolean supports(Event event, Context context) {
                        return event == Event.BEFORE_EACH_MIGRATE || event == Event.AFTER_EACH_MIGRATE_STATEMENT;
                    }

                    @Override
                    public boolean canHandleInTransaction(Event event, Context context) {
                        return true;
                    }

                    @Override
                    public void handle(Event event, Context context) {
                        OUT.println(event);
                        OUT.flush();
                    }

                    @Override
                    public String getCallbackName() {
                        return "says";
                    }
                })
                .load()
                .migrate();
        OUT.println("done");
        OUT.flush();
    }
}
