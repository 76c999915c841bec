-- What bears on wear: depths at several places round the tire, what happened to a vehicle, what its drivers report.

ALTER TABLE reading ADD COLUMN depth_lowest TEXT;
ALTER TABLE reading ADD COLUMN grid TEXT NOT NULL DEFAULT '';
ALTER TABLE walk_round_entry ADD COLUMN grid TEXT NOT NULL DEFAULT '';
ALTER TABLE walk_round ADD COLUMN skip_reason TEXT NOT NULL DEFAULT '';

CREATE TABLE vehicle_event (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    kind TEXT NOT NULL,
    day TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX vehicle_event_of_vehicle ON vehicle_event (vehicle_id, day);
CREATE TRIGGER vehicle_event_stays BEFORE UPDATE ON vehicle_event BEGIN SELECT RAISE(ABORT, 'events are never changed'); END;
CREATE TRIGGER vehicle_event_remains BEFORE DELETE ON vehicle_event BEGIN SELECT RAISE(ABORT, 'events are never deleted'); END;

-- The code on a vehicle's card opens the driver's form without an account; a new card makes the old code worthless.
CREATE TABLE report_code (
    vehicle_id INTEGER PRIMARY KEY REFERENCES vehicle (id),
    code TEXT NOT NULL,
    CONSTRAINT report_code_once UNIQUE (code)
) STRICT;

CREATE TABLE driver_report (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    symptom TEXT NOT NULL,
    corner TEXT NOT NULL DEFAULT '',
    note TEXT NOT NULL DEFAULT '',
    reporter TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    state TEXT NOT NULL DEFAULT 'NEW',
    reviewed_at TEXT,
    review_note TEXT NOT NULL DEFAULT '',
    person_id INTEGER REFERENCES person (id)
) STRICT;
CREATE INDEX driver_report_of_vehicle ON driver_report (vehicle_id);
