-- Job sheets: who did which step when and what was read; machines of the shop; shop visits.

CREATE TABLE machine (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    kind TEXT NOT NULL,
    most_tire TEXT NOT NULL DEFAULT '',
    least_rim TEXT NOT NULL DEFAULT '',
    most_rim TEXT NOT NULL DEFAULT '',
    most_width TEXT NOT NULL DEFAULT '',
    valves TEXT NOT NULL DEFAULT '',
    retired_at TEXT,
    version INTEGER NOT NULL DEFAULT 1,
    CONSTRAINT machine_named_once UNIQUE (name)
) STRICT;

CREATE TABLE job_sheet (
    job_id INTEGER PRIMARY KEY REFERENCES job (id),
    machine_id INTEGER REFERENCES machine (id),
    is_nitrogen INTEGER NOT NULL DEFAULT 0,
    is_sensor_dismount INTEGER NOT NULL DEFAULT 0,
    started_at TEXT NOT NULL,
    started_by_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;

CREATE TABLE sheet_mark (
    id INTEGER PRIMARY KEY,
    job_id INTEGER NOT NULL REFERENCES job_sheet (job_id),
    step TEXT NOT NULL,
    kind TEXT NOT NULL,
    kept TEXT NOT NULL DEFAULT '{}',
    says TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX sheet_mark_of_job ON sheet_mark (job_id);
CREATE TRIGGER sheet_mark_stays BEFORE UPDATE ON sheet_mark BEGIN SELECT RAISE(ABORT, 'steps are never changed'); END;
CREATE TRIGGER sheet_mark_remains BEFORE DELETE ON sheet_mark BEGIN SELECT RAISE(ABORT, 'steps are never deleted'); END;

-- What stands on a shop visit beside the work: one line each, with a photo where one was taken.
CREATE TABLE visit_line (
    id INTEGER PRIMARY KEY,
    job_id INTEGER NOT NULL REFERENCES job (id),
    kind TEXT NOT NULL,
    words TEXT NOT NULL,
    file TEXT,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CONSTRAINT visit_line_file_once UNIQUE (file)
) STRICT;
CREATE INDEX visit_line_of_job ON visit_line (job_id);
CREATE TRIGGER visit_line_stays BEFORE UPDATE ON visit_line BEGIN SELECT RAISE(ABORT, 'a visit''s lines are never changed'); END;
CREATE TRIGGER visit_line_remains BEFORE DELETE ON visit_line BEGIN SELECT RAISE(ABORT, 'a visit''s lines are never deleted'); END;

-- How a vehicle learns its sensors; the newest line of a vehicle counts.
CREATE TABLE relearn_procedure (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    name TEXT NOT NULL,
    ways TEXT NOT NULL,
    prompt TEXT NOT NULL,
    trigger_by TEXT NOT NULL,
    end_signal TEXT NOT NULL,
    corners TEXT NOT NULL,
    note TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX relearn_procedure_of_vehicle ON relearn_procedure (vehicle_id);

CREATE TABLE relearn (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    trigger_by TEXT NOT NULL,
    is_practice INTEGER NOT NULL DEFAULT 0,
    started_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    ended_at TEXT,
    outcome TEXT NOT NULL DEFAULT ''
) STRICT;
-- One relearn at a time on a vehicle: a second person joins it.
CREATE UNIQUE INDEX relearn_one_open ON relearn (vehicle_id) WHERE ended_at IS NULL;

CREATE TABLE relearn_event (
    id INTEGER PRIMARY KEY,
    relearn_id INTEGER NOT NULL REFERENCES relearn (id),
    kind TEXT NOT NULL,
    place_id INTEGER REFERENCES place (id),
    pressure TEXT,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX relearn_event_of_relearn ON relearn_event (relearn_id);
CREATE TRIGGER relearn_event_stays BEFORE UPDATE ON relearn_event BEGIN SELECT RAISE(ABORT, 'what was seen and heard is never changed'); END;
CREATE TRIGGER relearn_event_remains BEFORE DELETE ON relearn_event BEGIN SELECT RAISE(ABORT, 'what was seen and heard is never deleted'); END;
