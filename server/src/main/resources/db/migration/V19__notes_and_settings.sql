-- What people write down of a vehicle or a tire, with a photo where one says more; never changed afterwards.
CREATE TABLE note (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER REFERENCES vehicle (id),
    tire_id INTEGER REFERENCES tire (id),
    text TEXT NOT NULL,
    file TEXT,
    recorded_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CONSTRAINT note_of_one CHECK ((vehicle_id IS NULL) <> (tire_id IS NULL)),
    CONSTRAINT note_says_something CHECK (text <> '' OR file IS NOT NULL)
) STRICT;
CREATE INDEX note_of_vehicle ON note (vehicle_id);
CREATE INDEX note_of_tire ON note (tire_id);
CREATE TRIGGER note_stays BEFORE UPDATE ON note BEGIN SELECT RAISE(ABORT, 'notes are never changed'); END;
CREATE TRIGGER note_remains BEFORE DELETE ON note BEGIN SELECT RAISE(ABORT, 'notes are never deleted'); END;

-- How the whole fleet works with the product; of each name the newest line counts.
CREATE TABLE fleet_setting (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    value TEXT NOT NULL,
    recorded_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX fleet_setting_of_name ON fleet_setting (name);
