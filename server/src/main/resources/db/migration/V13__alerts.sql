-- What was in force for a tire when it was read: a reading is held against this, whatever changes later.
CREATE TABLE reading_in_force (
    reading_id INTEGER PRIMARY KEY REFERENCES reading (id),
    target_pressure TEXT,
    load_state TEXT NOT NULL,
    minimum_pressure TEXT,
    maximum_pressure TEXT,
    depth_legal TEXT,
    depth_pull TEXT,
    leak_hold_days INTEGER NOT NULL
) STRICT;
CREATE TRIGGER reading_in_force_stays BEFORE UPDATE ON reading_in_force BEGIN SELECT RAISE(ABORT, 'what was in force is never changed'); END;
CREATE TRIGGER reading_in_force_remains BEFORE DELETE ON reading_in_force BEGIN SELECT RAISE(ABORT, 'what was in force is never deleted'); END;

-- A reading mistyped, taken out of all judging by name and reason; the reading itself stays.
CREATE TABLE reading_void (
    id INTEGER PRIMARY KEY,
    reading_id INTEGER NOT NULL REFERENCES reading (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    reason TEXT NOT NULL,
    CONSTRAINT reading_voided_once UNIQUE (reading_id)
) STRICT;
CREATE TRIGGER reading_void_stays BEFORE UPDATE ON reading_void BEGIN SELECT RAISE(ABORT, 'voids are never changed'); END;
CREATE TRIGGER reading_void_remains BEFORE DELETE ON reading_void BEGIN SELECT RAISE(ABORT, 'voids are never deleted'); END;

-- What was done about a leak.
CREATE TABLE leak_repair (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    place_id INTEGER NOT NULL REFERENCES place (id),
    repair TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    note TEXT NOT NULL DEFAULT '',
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX leak_repair_of_tire ON leak_repair (tire_id);
CREATE TRIGGER leak_repair_stays BEFORE UPDATE ON leak_repair BEGIN SELECT RAISE(ABORT, 'repairs are never changed'); END;
CREATE TRIGGER leak_repair_remains BEFORE DELETE ON leak_repair BEGIN SELECT RAISE(ABORT, 'repairs are never deleted'); END;

-- The fold of the ledger, kept for speed: it can be made anew from the facts at any time and must come out the same.
CREATE TABLE tire_alert (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    kind TEXT NOT NULL,
    key TEXT NOT NULL,
    opened_day TEXT NOT NULL,
    opened_by TEXT NOT NULL,
    figure TEXT,
    limit_figure TEXT,
    top_ups INTEGER NOT NULL,
    repaired_day TEXT,
    cleared_day TEXT,
    cleared_by TEXT,
    cleared_how TEXT
) STRICT;
CREATE INDEX tire_alert_of_tire ON tire_alert (tire_id);
CREATE TABLE tire_groove (
    id INTEGER PRIMARY KEY,
    tire_id INTEGER NOT NULL REFERENCES tire (id),
    zone TEXT NOT NULL,
    depth_standing TEXT NOT NULL,
    grooves INTEGER NOT NULL,
    places INTEGER NOT NULL,
    read_day TEXT NOT NULL,
    read_by TEXT NOT NULL
) STRICT;
CREATE INDEX tire_groove_of_tire ON tire_groove (tire_id);
-- When all tires were last folded anew; a data folder without a line is folded at the start.
CREATE TABLE alert_fold (
    id INTEGER PRIMARY KEY,
    at TEXT NOT NULL
) STRICT;

-- Where a strike was, where somebody knows.
ALTER TABLE vehicle_event ADD COLUMN place_id INTEGER REFERENCES place (id);

-- What makes a light vehicle a commercial one, and how fast it is built to go.
ALTER TABLE vehicle ADD COLUMN seats INTEGER;
ALTER TABLE vehicle ADD COLUMN is_for_pay INTEGER;
ALTER TABLE vehicle ADD COLUMN combination_rating TEXT;
ALTER TABLE vehicle ADD COLUMN speed_symbol TEXT;

-- A code read in a walk-around, and the figures somebody was asked about and confirmed.
ALTER TABLE walk_round_entry ADD COLUMN dot_code TEXT NOT NULL DEFAULT '';
ALTER TABLE walk_round_entry ADD COLUMN confirmed TEXT NOT NULL DEFAULT '';

-- What was checked because of a driver's report; the newest line of a check is what it came to.
CREATE TABLE report_check (
    id INTEGER PRIMARY KEY,
    driver_report_id INTEGER NOT NULL REFERENCES driver_report (id),
    check_made TEXT NOT NULL,
    is_found INTEGER NOT NULL,
    note TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    at TEXT NOT NULL
) STRICT;
CREATE INDEX report_check_of_report ON report_check (driver_report_id, id);
CREATE TRIGGER report_check_stays BEFORE UPDATE ON report_check BEGIN SELECT RAISE(ABORT, 'what was checked is never changed'); END;
CREATE TRIGGER report_check_remains BEFORE DELETE ON report_check BEGIN SELECT RAISE(ABORT, 'what was checked is never deleted'); END;

-- How pure nitrogen was after a fill, in percent.
ALTER TABLE reading ADD COLUMN purity TEXT;
