-- People, vehicles, tires, readings and work. Quantities are kept as entered, figure and unit together ("80 psi").
-- Facts (readings, findings, clearances, movements) are append-only: triggers refuse to change or delete them.

CREATE TABLE person (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    role TEXT NOT NULL,
    CONSTRAINT person_name_once UNIQUE (name)
) STRICT;

CREATE TABLE yard (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    CONSTRAINT yard_name_once UNIQUE (name)
) STRICT;

CREATE TABLE vehicle_class (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    CONSTRAINT vehicle_class_name_once UNIQUE (name)
) STRICT;

CREATE TABLE vehicle (
    id INTEGER PRIMARY KEY,
    unit TEXT NOT NULL,
    vehicle_class_id INTEGER NOT NULL REFERENCES vehicle_class (id),
    yard_id INTEGER NOT NULL REFERENCES yard (id),
    kind TEXT NOT NULL,
    description TEXT NOT NULL,
    gvwr_lb INTEGER NOT NULL CHECK (gvwr_lb > 0),
    is_sensored INTEGER NOT NULL DEFAULT 0,
    parked_since TEXT,
    spares INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT vehicle_unit_once UNIQUE (unit)
) STRICT;

CREATE TABLE axle (
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    number INTEGER NOT NULL,
    role TEXT NOT NULL,
    dual INTEGER NOT NULL,
    placard_size TEXT,
    placard_pressure TEXT,
    PRIMARY KEY (vehicle_id, number)
) STRICT;

CREATE TABLE place (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    code TEXT NOT NULL,
    walk_order INTEGER NOT NULL,
    CONSTRAINT place_code_once_a_vehicle UNIQUE (vehicle_id, code)
) STRICT;

CREATE TABLE wheel (
    id INTEGER PRIMARY KEY,
    place_id INTEGER REFERENCES place (id),
    pilot TEXT,
    maximum_pressure TEXT,
    CONSTRAINT wheel_place_once UNIQUE (place_id)
) STRICT;

CREATE TABLE tire_model (
    id INTEGER PRIMARY KEY,
    maker TEXT NOT NULL,
    name TEXT NOT NULL,
    size TEXT NOT NULL,
    molded_pressure TEXT,
    original_depth TEXT,
    is_directional INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT tire_model_once UNIQUE (maker, name, size)
) STRICT;

CREATE TABLE tire (
    id INTEGER PRIMARY KEY,
    tire_model_id INTEGER NOT NULL REFERENCES tire_model (id),
    is_retread INTEGER NOT NULL DEFAULT 0
) STRICT;

-- What is molded on a tire becomes known bit by bit; the newest line counts, the older stay.
CREATE TABLE tire_dot (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    code TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX tire_dot_of_tire ON tire_dot (tire_id);

-- The present fitment: a tire in one place, a place with one tire.
CREATE TABLE fitment (
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    at TEXT NOT NULL,
    CONSTRAINT fitment_tire_in_one_place UNIQUE (tire_id),
    CONSTRAINT fitment_place_holds_one_tire UNIQUE (place_id)
) STRICT;

CREATE TABLE tire_movement (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    at TEXT NOT NULL,
    kind TEXT NOT NULL,
    from_place_id INTEGER REFERENCES place (id),
    to_place_id INTEGER REFERENCES place (id),
    person_id INTEGER NOT NULL REFERENCES person (id),
    note TEXT NOT NULL DEFAULT '',
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX tire_movement_of_tire ON tire_movement (tire_id);

CREATE TABLE odometer_reading (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    at TEXT NOT NULL,
    odometer TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX odometer_reading_of_vehicle ON odometer_reading (vehicle_id, at);

CREATE TABLE walk_round (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    person_id INTEGER NOT NULL REFERENCES person (id),
    started_at TEXT NOT NULL,
    finished_at TEXT,
    odometer TEXT
) STRICT;
-- One open walk-round a vehicle: a second person joins it.
CREATE UNIQUE INDEX walk_round_one_open ON walk_round (vehicle_id) WHERE finished_at IS NULL;

-- What has been entered so far, position by position; a draft until the walk-round is finished.
CREATE TABLE walk_round_entry (
    id INTEGER PRIMARY KEY,
    walk_round_id INTEGER NOT NULL REFERENCES walk_round (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    version INTEGER NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    saved_at TEXT NOT NULL,
    pressure TEXT,
    warmth TEXT NOT NULL,
    depth_outer TEXT,
    depth_center TEXT,
    depth_inner TEXT,
    findings TEXT NOT NULL DEFAULT '',
    put_right TEXT NOT NULL DEFAULT '',
    CONSTRAINT walk_round_entry_once_a_place UNIQUE (walk_round_id, place_id)
) STRICT;

CREATE TABLE job (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    planned_day TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    created_at TEXT NOT NULL,
    created_by_id INTEGER NOT NULL REFERENCES person (id),
    done_at TEXT,
    done_by_id INTEGER REFERENCES person (id),
    cancelled_at TEXT,
    version INTEGER NOT NULL DEFAULT 1
) STRICT;
CREATE INDEX job_of_vehicle ON job (vehicle_id);

-- The work a job is for; a piece without a place concerns the vehicle.
CREATE TABLE job_item (
    id INTEGER PRIMARY KEY,
    job_id INTEGER NOT NULL REFERENCES job (id),
    kind TEXT NOT NULL,
    place_id INTEGER REFERENCES place (id),
    reason TEXT NOT NULL,
    done_note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX job_item_of_job ON job_item (job_id);

CREATE TABLE reading (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    pressure TEXT,
    warmth TEXT NOT NULL,
    depth_outer TEXT,
    depth_center TEXT,
    depth_inner TEXT,
    odometer TEXT,
    walk_round_id INTEGER REFERENCES walk_round (id),
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX reading_of_tire ON reading (tire_id, at);

CREATE TABLE finding (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    kind TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    walk_round_id INTEGER REFERENCES walk_round (id),
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX finding_of_tire ON finding (tire_id);

CREATE TABLE finding_clearance (
    id INTEGER PRIMARY KEY,
    finding_id INTEGER NOT NULL REFERENCES finding (id),
    how TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    note TEXT NOT NULL DEFAULT '',
    job_id INTEGER REFERENCES job (id),
    CONSTRAINT finding_cleared_once UNIQUE (finding_id)
) STRICT;

CREATE TABLE professional_inspection (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    at TEXT NOT NULL,
    professional TEXT NOT NULL,
    is_sound INTEGER NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    person_id INTEGER NOT NULL REFERENCES person (id),
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX professional_inspection_of_tire ON professional_inspection (tire_id);

CREATE TABLE policy_setting (
    id INTEGER PRIMARY KEY,
    number TEXT NOT NULL,
    vehicle_class_id INTEGER REFERENCES vehicle_class (id),
    value REAL NOT NULL,
    set_by TEXT NOT NULL,
    at TEXT NOT NULL
) STRICT;

-- Answers already given to a write that a phone may send twice.
CREATE TABLE idempotent_answer (
    idempotency_key TEXT PRIMARY KEY,
    request_hash TEXT NOT NULL,
    answer TEXT NOT NULL,
    at TEXT NOT NULL
) STRICT;

CREATE TRIGGER reading_stays BEFORE UPDATE ON reading BEGIN SELECT RAISE(ABORT, 'readings are never changed'); END;
CREATE TRIGGER reading_remains BEFORE DELETE ON reading BEGIN SELECT RAISE(ABORT, 'readings are never deleted'); END;
CREATE TRIGGER finding_stays BEFORE UPDATE ON finding BEGIN SELECT RAISE(ABORT, 'findings are never changed'); END;
CREATE TRIGGER finding_remains BEFORE DELETE ON finding BEGIN SELECT RAISE(ABORT, 'findings are never deleted'); END;
CREATE TRIGGER finding_clearance_stays BEFORE UPDATE ON finding_clearance BEGIN SELECT RAISE(ABORT, 'clearances are never changed'); END;
CREATE TRIGGER finding_clearance_remains BEFORE DELETE ON finding_clearance BEGIN SELECT RAISE(ABORT, 'clearances are never deleted'); END;
CREATE TRIGGER tire_movement_stays BEFORE UPDATE ON tire_movement BEGIN SELECT RAISE(ABORT, 'movements are never changed'); END;
CREATE TRIGGER tire_movement_remains BEFORE DELETE ON tire_movement BEGIN SELECT RAISE(ABORT, 'movements are never deleted'); END;
CREATE TRIGGER tire_dot_stays BEFORE UPDATE ON tire_dot BEGIN SELECT RAISE(ABORT, 'DOT codes are never changed'); END;
CREATE TRIGGER tire_dot_remains BEFORE DELETE ON tire_dot BEGIN SELECT RAISE(ABORT, 'DOT codes are never deleted'); END;
CREATE TRIGGER odometer_reading_stays BEFORE UPDATE ON odometer_reading BEGIN SELECT RAISE(ABORT, 'odometer readings are never changed'); END;
CREATE TRIGGER odometer_reading_remains BEFORE DELETE ON odometer_reading BEGIN SELECT RAISE(ABORT, 'odometer readings are never deleted'); END;
CREATE TRIGGER professional_inspection_stays BEFORE UPDATE ON professional_inspection BEGIN SELECT RAISE(ABORT, 'verdicts are never changed'); END;
CREATE TRIGGER professional_inspection_remains BEFORE DELETE ON professional_inspection BEGIN SELECT RAISE(ABORT, 'verdicts are never deleted'); END;
