-- Weights, load-inflation charts and what follows from them. Facts are append-only; the newest line of a kind counts.

ALTER TABLE reading ADD COLUMN temperature TEXT;
ALTER TABLE reading ADD COLUMN is_fill INTEGER NOT NULL DEFAULT 0;
ALTER TABLE reading ADD COLUMN gas TEXT NOT NULL DEFAULT '';

CREATE TABLE slip (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    day TEXT NOT NULL,
    state TEXT NOT NULL,
    scale TEXT NOT NULL,
    gross TEXT,
    note TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX slip_of_vehicle ON slip (vehicle_id, day);

-- The tires on the axle that day are kept in words, so that other ones since are noticed.
CREATE TABLE slip_axle (
    slip_id INTEGER NOT NULL REFERENCES slip (id),
    axle INTEGER NOT NULL,
    weight_left TEXT,
    weight_right TEXT,
    weight_whole TEXT,
    tires TEXT NOT NULL DEFAULT '',
    PRIMARY KEY (slip_id, axle)
) STRICT;
CREATE TRIGGER slip_stays BEFORE UPDATE ON slip BEGIN SELECT RAISE(ABORT, 'slips are never changed'); END;
CREATE TRIGGER slip_remains BEFORE DELETE ON slip BEGIN SELECT RAISE(ABORT, 'slips are never deleted'); END;
CREATE TRIGGER slip_axle_stays BEFORE UPDATE ON slip_axle BEGIN SELECT RAISE(ABORT, 'slips are never changed'); END;
CREATE TRIGGER slip_axle_remains BEFORE DELETE ON slip_axle BEGIN SELECT RAISE(ABORT, 'slips are never deleted'); END;

CREATE TABLE body_change (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    day TEXT NOT NULL,
    note TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;

CREATE TABLE load_chart (
    id INTEGER PRIMARY KEY,
    maker TEXT NOT NULL,
    model TEXT NOT NULL DEFAULT '',
    size TEXT NOT NULL,
    load_range TEXT NOT NULL DEFAULT '',
    source TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    version INTEGER NOT NULL DEFAULT 1,
    CONSTRAINT load_chart_once UNIQUE (maker, model, size, load_range)
) STRICT;
CREATE TABLE load_chart_row (
    load_chart_id INTEGER NOT NULL REFERENCES load_chart (id),
    number INTEGER NOT NULL,
    pressure TEXT NOT NULL,
    load_single TEXT NOT NULL,
    load_dual TEXT,
    PRIMARY KEY (load_chart_id, number)
) STRICT;

-- The school chosen for a vehicle; a line without one goes back to our own order.
CREATE TABLE pressure_choice (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    school TEXT NOT NULL,
    reason TEXT NOT NULL,
    is_below_placard INTEGER NOT NULL DEFAULT 0,
    tires TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX pressure_choice_of_vehicle ON pressure_choice (vehicle_id);

CREATE TABLE chalk_pass (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    axle INTEGER NOT NULL,
    trial_day TEXT NOT NULL,
    pressure TEXT NOT NULL,
    look TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX chalk_pass_of_vehicle ON chalk_pass (vehicle_id, axle);

CREATE TABLE contact_trim (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    axle INTEGER NOT NULL,
    pressure TEXT NOT NULL,
    state TEXT NOT NULL,
    tires TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX contact_trim_of_vehicle ON contact_trim (vehicle_id);

CREATE TABLE warning_threshold (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    axle INTEGER NOT NULL,
    pressure TEXT,
    percent_below REAL,
    why TEXT NOT NULL,
    is_lowered INTEGER NOT NULL DEFAULT 0,
    tires TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX warning_threshold_of_vehicle ON warning_threshold (vehicle_id);

CREATE TABLE load_setting (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    state TEXT NOT NULL,
    from_day TEXT NOT NULL,
    until_day TEXT,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX load_setting_of_vehicle ON load_setting (vehicle_id);

CREATE TABLE load_trip (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    state TEXT NOT NULL,
    from_day TEXT NOT NULL,
    until_day TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    raise_job_id INTEGER REFERENCES job (id),
    restore_job_id INTEGER REFERENCES job (id),
    cancelled_at TEXT,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX load_trip_of_vehicle ON load_trip (vehicle_id);

-- A policy number holds for a class, what an axle does, a tire maker, or several of these; each line says why.
ALTER TABLE policy_setting ADD COLUMN axle TEXT;
ALTER TABLE policy_setting ADD COLUMN maker TEXT;
ALTER TABLE policy_setting ADD COLUMN why TEXT NOT NULL DEFAULT '';
