package rotagens.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.io.PrintStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A small process with the product's storage and nothing else: four threads swap tires between places, a line of the ledger and
 * a reading each time, and say the reading's number once it is committed. It goes on until it is killed.
 */
public final class KilledChild {

    private static final int THREADS = 4;
    private static final PrintStream OUT = System.out;

    private KilledChild() {}

    public static void main(String[] args) throws Exception {
        DataSources sources = new DataSources(Path.of(args[0]));
        HikariDataSource writer = sources.writer(Duration.ofSeconds(5));
        AtomicLong next = new AtomicLong(Long.parseLong(args[1]));
        for (int thread = 0; thread < THREADS; thread++) {
            int pair = thread;
            new Thread(() -> {
                        while (true) {
                            long number = next.getAndIncrement();
                            try (Connection connection = writer.getConnection()) {
                                swap(connection, pair, number);
                                synchronized (OUT) {
                                    OUT.println(number);
                                    OUT.flush();
                                }
                            } catch (SQLException e) {
                                e.printStackTrace();
                                System.exit(3);
                            }
                        }
                    })
                    .start();
        }
    }

    /** Tires 2n+1 and 2n+2 change places 2n+1 and 2n+2: out, in, two lines of the ledger, a reading; all or nothing. */
    private static void swap(Connection connection, int pair, long number) throws SQLException {
        long one = pair * 2L + 1;
        long other = one + 1;
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement();
                PreparedStatement move = connection.prepareStatement(
                        "INSERT INTO tire_movement (tire_id, moved_at, type, from_position_id, to_position_id, person_id)"
                                + " VALUES (?, ?, 'MOVED', ?, ?, 1)");
                PreparedStatement read = connection.prepareStatement(
                        "INSERT INTO reading (id, tire_id, position_id, read_at, person_id, pressure, thermal_state)"
                                + " VALUES (?, ?, ?, ?, 1, '80 psi', 'COLD')")) {
            String now = Instant.now().toString();
            long at;
            try (var where = statement.executeQuery("SELECT position_id FROM installation WHERE tire_id = " + one)) {
                where.next();
                at = where.getLong(1);
            }
            long to = at == one ? other : one;
            statement.execute("DELETE FROM installation WHERE tire_id IN (" + one + ", " + other + ")");
            statement.execute("INSERT INTO installation (tire_id, position_id, installed_at) VALUES (" + one + ", " + to
                    + ", '" + now + "'), (" + other + ", " + at + ", '" + now + "')");
            for (long[] moved : new long[][] {{one, at, to}, {other, to, at}}) {
                move.setLong(1, moved[0]);
                move.setString(2, now);
                move.setLong(3, moved[1]);
                move.setLong(4, moved[2]);
                move.execute();
            }
            read.setLong(1, number);
            read.setLong(2, one);
            read.setLong(3, to);
            read.setString(4, now);
            read.execute();
            connection.commit();
        } finally {
            connection.setAutoCommit(true);
        }
    }
}
