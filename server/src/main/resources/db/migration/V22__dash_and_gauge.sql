-- Dash and gauge compared, whatever came of it: a job's step is done by a comparison in which every corner agrees.
CREATE TABLE dash_gauge_check (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    is_proof INTEGER NOT NULL CHECK (is_proof IN (0, 1)),
    statement TEXT NOT NULL,
    recorded_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX dash_gauge_check_of_vehicle ON dash_gauge_check (vehicle_id);
CREATE TRIGGER dash_gauge_check_stays BEFORE UPDATE ON dash_gauge_check BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never changed'); END;
CREATE TRIGGER dash_gauge_check_remains BEFORE DELETE ON dash_gauge_check BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never deleted'); END;
