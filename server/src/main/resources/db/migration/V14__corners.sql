-- Dash and gauge, read at the same time, that named different corners: on record until a relearn is proven.
CREATE TABLE corner_crossing (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    says TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    at TEXT NOT NULL
) STRICT;
CREATE INDEX corner_crossing_of_vehicle ON corner_crossing (vehicle_id);
CREATE TRIGGER corner_crossing_stays BEFORE UPDATE ON corner_crossing BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never changed'); END;
CREATE TRIGGER corner_crossing_remains BEFORE DELETE ON corner_crossing BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never deleted'); END;
