package rotagens.server.storage;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;

/** How long SQLite alone takes for the rows the pages rest on: what no code above it can beat. Called by bench/scale.sh. */
public final class RawRows {

    private static final String DOZEN = """
            SELECT reading.* FROM installation JOIN position ON position.id = installation.position_id JOIN reading ON reading.id IN (
                SELECT id FROM reading dozen WHERE dozen.tire_id = installation.tire_id AND dozen.position_id = installation.position_id
                AND dozen.read_at >= installation.installed_at ORDER BY dozen.read_at DESC, dozen.id DESC LIMIT 12)""";

    private RawRows() {}

    public static void main(String[] args) throws SQLException {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + args[0])) {
            database.createStatement().execute("PRAGMA synchronous = FULL");
            say(database, "readings at hand of the whole fleet", DOZEN, 3);
            say(database, "readings at hand of one vehicle", DOZEN + " WHERE position.vehicle_id = 31", 200);
            say(database, "a hundred vehicles", "SELECT * FROM vehicle ORDER BY unit LIMIT 100", 200);
            say(database, "one row and its commit", "UPDATE person SET name = name WHERE id = 1", 200);
        }
    }

    private static void say(Connection database, String what, String sql, int times) throws SQLException {
        double[] took = new double[times];
        long rows = 0;
        try (PreparedStatement statement = database.prepareStatement(sql)) {
            for (int time = 0; time < times; time++) {
                long from = System.nanoTime();
                rows = run(statement);
                took[time] = (System.nanoTime() - from) / 1e6;
            }
        }
        Arrays.sort(took);
        System.out.printf(
                "SQLite alone, %s: p50%.2f ms, p95%.2f ms (%d rows)%n",
                what, took[times / 2], took[(int) (times * 0.95)], rows);
    }

    private static long run(PreparedStatement statement) throws SQLException {
        if (!statement.execute()) {
            return statement.getUpdateCount();
        }
        long rows = 0;
        try (ResultSet found = statement.getResultSet()) {
            int columns = found.getMetaData().getColumnCount();
            while (found.next()) {
                for (int column = 1; column <= columns; column++) {
                    found.getString(column);
                }
                rows++;
            }
        }
        return rows;
    }
}
