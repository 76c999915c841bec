package rotagens.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A data folder from before tables, columns and stored codes had the words of the glossary. */
class VocabularyUpgradeTest {

    private static final String NOW = "'2026-11-05T08:00:00.000Z'";

    private static final List<String> EARLIER = List.of(
            "INSERT INTO person (id, name, role) VALUES (1, 'Ines Okafor', 'COORDINATOR')",
            "INSERT INTO yard (id, name) VALUES (1, 'Eastbank')",
            "INSERT INTO vehicle_class (id, name) VALUES (1, 'Clinic coach')",
            "INSERT INTO vehicle (id, unit, vehicle_class_id, yard_id, kind, description, gvwr, usual_state,"
                    + " placard_assumes) VALUES (1, 'LC-01', 1, 1, 'BUS', 'Coach', '46000 lb', 'USUAL', 'TWO_PEOPLE')",
            "INSERT INTO axle (vehicle_id, number, role, dual) VALUES (1, 1, 'STEER', 0)",
            "INSERT INTO place (id, vehicle_id, code, walk_order) VALUES (1, 1, '1L', 1)",
            "INSERT INTO tire_model (id, maker, name, size) VALUES (1, 'Corvane', 'C2', '275/70R22.5 148/145M H')",
            "INSERT INTO tire (id, tire_model_id, number) VALUES (1, 1, 'LM-1')",
            "INSERT INTO fitment (tire_id, place_id, at) VALUES (1, 1, " + NOW + ")",
            "INSERT INTO tire_movement (id, tire_id, at, kind, to_place_id, person_id) VALUES (1, 1, " + NOW
                    + ", 'FITTED', 1, 1)",
            "INSERT INTO finding (id, tire_id, place_id, kind, at, person_id) VALUES (1, 1, 1, 'SAWTOOTH', " + NOW
                    + ", 1)",
            "INSERT INTO finding_clearance (id, finding_id, how, at, person_id) VALUES (1, 1, 'PUT_RIGHT', " + NOW
                    + ", 1)",
            "INSERT INTO walk_round (id, vehicle_id, person_id, started_at) VALUES (1, 1, 1, " + NOW + ")",
            "INSERT INTO walk_round_entry (id, walk_round_id, place_id, version, person_id, saved_at, warmth, findings,"
                    + " put_right, inner_findings) VALUES (1, 1, 1, 1, 1, " + NOW
                    + ", 'COLD', 'SAWTOOTH,BULGE,RUNNING_BACKWARDS', 'CAP_MISSING', 'RAN_LOW')",
            "INSERT INTO policy_setting (id, number, value, set_by, at) VALUES (1, 'SLIP_MONTHS', 12, 'Ines', " + NOW
                    + ")",
            "INSERT INTO pressure_choice (id, vehicle_id, school, reason, is_below_placard, tires, at, person_id)"
                    + " VALUES (1, 1, 'EQUIVALENT', 'x', 0, '', " + NOW + ", 1)",
            "INSERT INTO job (id, vehicle_id, planned_day, created_at, created_by_id) VALUES (1, 1, '2026-11-30', "
                    + NOW + ", 1)",
            "INSERT INTO job_item (id, job_id, kind, place_id, reason) VALUES (1, 1, 'FIT_PLANNED', 1, 'x')",
            "INSERT INTO job_sheet (job_id, started_at, started_by_id) VALUES (1, " + NOW + ", 1)",
            "INSERT INTO sheet_mark (id, job_id, step, kind, kept, says, at, person_id) VALUES (1, 1, 'VERDICT:1L',"
                    + " 'DONE', '{\"verdict\":\"SOUND\",\"professional\":\"SOUND\"}', 'sound', " + NOW + ", 1)",
            "INSERT INTO sheet_mark (id, job_id, step, kind, kept, says, at, person_id) VALUES (2, 1, '', 'HANDED',"
                    + " '{}', 'Rafe Halloran', " + NOW + ", 1)",
            "INSERT INTO visit_line (id, job_id, kind, words, at, person_id) VALUES (1, 1, 'WEIGHED', 'x', " + NOW
                    + ", 1)",
            "INSERT INTO visit_line (id, job_id, kind, words, at, person_id) VALUES (2, 1, 'ROAD_AFTER', 'x', " + NOW
                    + ", 1)",
            "INSERT INTO rotation_plan (id, job_id, purpose, next_visit_day, overridden) VALUES (1, 1, 'OWN',"
                    + " '2027-05-01', 'TREAD_PULL RETREAD_STEER CONTACT_TRIM TARGET_VOID')",
            "INSERT INTO waiver (id, vehicle_id, work, until_day, reason, at, person_id) VALUES (1, 1,"
                    + " 'PUT_RIGHT:1L+1R', '2026-12-01', 'PUT_RIGHT later', " + NOW + ", 1)",
            "INSERT INTO kept_question (id, name, definition, at, person_id) VALUES (1, 'mine',"
                    + " '{\"ask\":[\"MUST_NOT_LEAVE\",\"NEVER_WEIGHED\"],\"together\":true}', " + NOW + ", 1)",
            "INSERT INTO shop_setup (id, document, at, person_id) VALUES (1, '{\"yards\":[],\"workers\":[],"
                    + "\"closures\":[{\"why\":\"x\"}],\"readiness\":[{\"keep\":2}],\"roads\":[]}', " + NOW + ", 1)");

    @TempDir
    Path folder;

    private String url() {
        return "jdbc:sqlite:" + folder.resolve("rotagens.sqlite") + "?foreign_keys=on";
    }

    private void migrate(String target) {
        Flyway.configure()
                .dataSource(url(), null, null)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    private List<String> column(String sql) throws SQLException {
        List<String> values = new ArrayList<>();
        try (Connection database = DriverManager.getConnection(url());
                var rows = database.createStatement().executeQuery(sql)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }

    private int rows() throws SQLException {
        int all = 0;
        for (String table : column("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite%'"
                + " AND name NOT LIKE 'search%' AND name <> 'flyway_schema_history'")) {
            all += Integer.parseInt(column("SELECT count(*) FROM " + table).get(0));
        }
        return all;
    }

    @BeforeEach
    void earlier() throws SQLException {
        migrate("16");
        try (Connection database = DriverManager.getConnection(url())) {
            for (String line : EARLIER) {
                database.createStatement().execute(line);
            }
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '→', textBlock = """
                    SELECT normal_load_state || ' ' || placard_load_basis FROM vehicle → NORMAL ORDINARY_LOAD
                    SELECT type FROM tire_movement → INSTALLED
                    SELECT type FROM finding → FEATHERING
                    SELECT cleared_by FROM finding_clearance → FIXED
                    SELECT findings FROM walk_around_entry → FEATHERING,BULGE,INSTALLED_BACKWARD
                    SELECT fixed_findings || ' ' || inner_sidewall_findings FROM walk_around_entry → CAP_MISSING RUN_FLAT
                    SELECT number FROM policy_setting → SCALE_TICKET_MONTHS
                    SELECT method FROM pressure_method_choice → PLACARD_EQUIVALENT
                    SELECT work_type FROM job_item → INSTALL_NEW_TIRE
                    SELECT step FROM step_record WHERE id = 1 → PROFESSIONAL_VERDICT:1L
                    SELECT recorded_values FROM step_record WHERE id = 1 → {"verdict":"SERVICEABLE","professional":"SOUND"}
                    SELECT status FROM step_record WHERE id = 2 → HANDED_OVER
                    SELECT group_concat(type, ' ') FROM visit_entry → WEIGHED ROAD_TEST_AFTER
                    SELECT goal || ' ' || overridden_rules FROM rotation_plan → CUSTOM PULL_POINT RETREAD_STEER CHALK_TEST TARGET_OUTDATED
                    SELECT due_item_key || ' ' || reason FROM postponement → FIX_DEFECT:1L+1R PUT_RIGHT later
                    SELECT definition FROM saved_question → {"ask":["DO_NOT_OPERATE","NEVER_WEIGHED"],"together":true}
                    SELECT document FROM shop_setup → {"yards":[],"technicians":[],"closures":[{"reason":"x"}],"minimums":[{"minimum":2}],"travelTimes":[]}
                    SELECT tire_number FROM tire → LM-1
                    """)
    @DisplayName("what was stored in earlier words reads in today's, and what people wrote stays as written")
    void codes(String sql, String now) throws SQLException {
        migrate("latest");
        assertThat(column(sql)).containsExactly(now);
    }

    @Test
    @DisplayName("no row comes or goes, every fact stays append-only, and nothing stays named as before")
    void whole() throws SQLException {
        int before = rows();
        int guards =
                column("SELECT name FROM sqlite_master WHERE type = 'trigger'").size();
        migrate("17");
        assertThat(rows()).isEqualTo(before);
        assertThat(column("SELECT name FROM sqlite_master WHERE type = 'trigger'"))
                .hasSize(guards);
        migrate("latest");
        assertThat(column("PRAGMA foreign_key_check")).isEmpty();
        assertThat(column("PRAGMA integrity_check")).containsExactly("ok");
        assertThat(column("SELECT lower(sql) FROM sqlite_master WHERE sql IS NOT NULL"))
                .noneMatch(
                        sql -> sql.matches(
                                "(?s).*\\b(fitment|place_id|walk_round|slip|waiver|kept_question|sheet_mark|visit_line|contact_trim|maker|warmth|school)\\b.*"));
        Map<String, String> facts = new LinkedHashMap<>();
        facts.put("finding", "type");
        facts.put("step_record", "summary");
        facts.put("tire_movement", "type");
        facts.put("pressure_method_choice", "reason");
        try (Connection database = DriverManager.getConnection(url())) {
            facts.forEach((table, column) -> {
                assertThatThrownBy(() ->
                                database.createStatement().execute("UPDATE " + table + " SET " + column + " = 'x'"))
                        .as(table)
                        .hasMessageContaining("never");
                assertThatThrownBy(() -> database.createStatement().execute("DELETE FROM " + table))
                        .as(table)
                        .hasMessageContaining("never");
            });
        }
    }
}
