-- The whole walk-round: its scope, gauges by name, looks without a gauge, both sidewalls, what was left out and why, photos.

CREATE TABLE gauge (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    kind TEXT NOT NULL,
    retired_at TEXT,
    CONSTRAINT gauge_named_once UNIQUE (name)
) STRICT;

CREATE TABLE gauge_calibration (
    id INTEGER PRIMARY KEY,
    gauge_id INTEGER NOT NULL REFERENCES gauge (id),
    day TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX gauge_calibration_of_gauge ON gauge_calibration (gauge_id, day);
CREATE TRIGGER gauge_calibration_stays BEFORE UPDATE ON gauge_calibration BEGIN SELECT RAISE(ABORT, 'calibrations are never changed'); END;
CREATE TRIGGER gauge_calibration_remains BEFORE DELETE ON gauge_calibration BEGIN SELECT RAISE(ABORT, 'calibrations are never deleted'); END;

ALTER TABLE walk_round ADD COLUMN scope TEXT NOT NULL DEFAULT 'FULL';

ALTER TABLE walk_round_entry ADD COLUMN bound TEXT;
ALTER TABLE walk_round_entry ADD COLUMN dot_faces TEXT NOT NULL DEFAULT '';
ALTER TABLE walk_round_entry ADD COLUMN inner_findings TEXT NOT NULL DEFAULT '';
ALTER TABLE walk_round_entry ADD COLUMN pressure_gauge_id INTEGER REFERENCES gauge (id);
ALTER TABLE walk_round_entry ADD COLUMN tread_gauge_id INTEGER REFERENCES gauge (id);
ALTER TABLE walk_round_entry ADD COLUMN skip_reason TEXT NOT NULL DEFAULT '';

ALTER TABLE reading ADD COLUMN bound TEXT;
ALTER TABLE reading ADD COLUMN dot_faces TEXT NOT NULL DEFAULT '';
ALTER TABLE reading ADD COLUMN pressure_gauge_id INTEGER REFERENCES gauge (id);
ALTER TABLE reading ADD COLUMN tread_gauge_id INTEGER REFERENCES gauge (id);

ALTER TABLE finding ADD COLUMN sidewall TEXT NOT NULL DEFAULT '';

-- A photo belongs to a position of a walk-round and, once that is finished, to the tire that was there.
CREATE TABLE photo (
    id INTEGER PRIMARY KEY,
    walk_round_id INTEGER NOT NULL REFERENCES walk_round (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    tire_id INTEGER REFERENCES tire (id),
    file TEXT NOT NULL,
    width INTEGER NOT NULL,
    height INTEGER NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CONSTRAINT photo_file_once UNIQUE (file)
) STRICT;
CREATE INDEX photo_of_walk_round ON photo (walk_round_id, place_id);
CREATE INDEX photo_of_tire ON photo (tire_id);

CREATE TABLE odometer_replacement (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    at TEXT NOT NULL,
    last_odometer TEXT NOT NULL,
    first_odometer TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX odometer_replacement_of_vehicle ON odometer_replacement (vehicle_id, at);
CREATE TRIGGER odometer_replacement_stays BEFORE UPDATE ON odometer_replacement BEGIN SELECT RAISE(ABORT, 'odometer replacements are never changed'); END;
CREATE TRIGGER odometer_replacement_remains BEFORE DELETE ON odometer_replacement BEGIN SELECT RAISE(ABORT, 'odometer replacements are never deleted'); END;
