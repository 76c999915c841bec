-- Small parts by yard: what came, went and was counted, and when more are ordered.
CREATE TABLE part_movement (
    id INTEGER PRIMARY KEY,
    yard_id INTEGER NOT NULL REFERENCES yard (id),
    part TEXT NOT NULL,
    change INTEGER NOT NULL,
    reason TEXT NOT NULL CHECK (reason IN ('COUNTED', 'DELIVERED', 'USED')),
    job_id INTEGER REFERENCES job (id),
    recorded_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX part_movement_by_yard ON part_movement (yard_id, part);
CREATE TRIGGER part_movement_stays BEFORE UPDATE ON part_movement BEGIN SELECT RAISE(ABORT, 'what moved is never changed'); END;
CREATE TRIGGER part_movement_remains BEFORE DELETE ON part_movement BEGIN SELECT RAISE(ABORT, 'what moved is never deleted'); END;

CREATE TABLE part_level (
    id INTEGER PRIMARY KEY,
    yard_id INTEGER NOT NULL REFERENCES yard (id),
    part TEXT NOT NULL,
    reorder_point INTEGER NOT NULL,
    order_up_to INTEGER NOT NULL,
    CONSTRAINT part_level_once UNIQUE (yard_id, part)
) STRICT;
