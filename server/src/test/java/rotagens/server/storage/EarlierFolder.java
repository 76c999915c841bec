package rotagens.server.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.Flyway;

/** A data folder as an earlier version made it, with something in it. */
public final class EarlierFolder {

    /** A tire on a vehicle with a past and one in the store, in the words of the first schema. */
    private static final List<String> FIRST = List.of(
            "INSERT INTO person (id, name, role) VALUES (1, 'Ines Okafor', 'COORDINATOR')",
            "INSERT INTO yard (id, name) VALUES (1, 'Eastbank')",
            "INSERT INTO vehicle_class (id, name) VALUES (1, 'Clinic coach')",
            "INSERT INTO vehicle (id, unit, vehicle_class_id, yard_id, kind, description, gvwr_lb)"
                    + " VALUES (1, 'LC-01', 1, 1, 'BUS', 'Coach', 46000)",
            "INSERT INTO axle (vehicle_id, number, role, dual) VALUES (1, 1, 'STEER', 0)",
            "INSERT INTO place (id, vehicle_id, code, walk_order) VALUES (1, 1, '1L', 1)",
            "INSERT INTO tire_model (id, maker, name, size) VALUES (1, 'Corvane', 'C2', '275/70R22.5')",
            "INSERT INTO tire (id, tire_model_id) VALUES (1, 1)",
            "INSERT INTO tire (id, tire_model_id) VALUES (2, 1)",
            "INSERT INTO fitment (tire_id, place_id, at) VALUES (1, 1, '2026-01-05T08:00:00.000Z')",
            "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id)"
                    + " VALUES (1, 1, '2026-01-05T08:00:00.000Z', 'FITTED', 1, 1)",
            "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id)"
                    + " VALUES (2, 2, '2025-01-05T08:00:00.000Z', 'FITTED', 1, 1)",
            "INSERT INTO tire_movement (id, tire_id, at, kind, from_place_id, person_id)"
                    + " VALUES (3, 2, '2026-01-05T07:00:00.000Z', 'TAKEN_OFF', 1, 1)",
            "INSERT INTO reading (id, tire_id, place_id, at, person_id, pressure, warmth, depth_outer)"
                    + " VALUES (1, 1, 1, '2026-11-05T08:00:00.000Z', 1, '108 psi', 'COLD', '12/32 in')");

    private EarlierFolder() {}

    /** Its database, as the driver opens it. */
    public static String url(Path data) {
        return "jdbc:sqlite:" + data.resolve("rotagens.sqlite") + "?foreign_keys=on";
    }

    /** Begun with the first version and brought to this one. */
    public static void make(Path data, int version) throws SQLException {
        migrate(data, 1);
        try (Connection database = DriverManager.getConnection(url(data))) {
            for (String line : FIRST) {
                database.createStatement().execute(line);
            }
        }
        migrate(data, version);
    }

    private static void migrate(Path data, int version) {
        Flyway.configure()
                .dataSource(url(data), null, null)
                .locations("classpath:db/migration")
                .target(String.valueOf(version))
                .load()
                .migrate();
    }
}
