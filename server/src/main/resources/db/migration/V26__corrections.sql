-- A wrong odometer reading, or replacement of an odometer, is voided by name and reason; it stays to be seen and counts for nothing.
CREATE TABLE odometer_void (
    id INTEGER PRIMARY KEY,
    odometer_reading_id INTEGER UNIQUE REFERENCES odometer_reading (id),
    odometer_replacement_id INTEGER UNIQUE REFERENCES odometer_replacement (id),
    reason TEXT NOT NULL,
    voided_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CHECK ((odometer_reading_id IS NULL) <> (odometer_replacement_id IS NULL))
) STRICT;
CREATE TRIGGER odometer_void_stays BEFORE UPDATE ON odometer_void BEGIN SELECT RAISE(ABORT, 'voids are never changed'); END;
CREATE TRIGGER odometer_void_remains BEFORE DELETE ON odometer_void BEGIN SELECT RAISE(ABORT, 'voids are never deleted'); END;

-- A calendar file brought in replaces what the one before brought; what it replaced is kept until the next, so that it can be undone.
CREATE TABLE booking_import (
    id INTEGER PRIMARY KEY,
    recorded_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    undone_at TEXT
) STRICT;
ALTER TABLE vehicle_booking ADD COLUMN booking_import_id INTEGER REFERENCES booking_import (id);
ALTER TABLE vehicle_booking ADD COLUMN replaced_by_id INTEGER REFERENCES booking_import (id);
