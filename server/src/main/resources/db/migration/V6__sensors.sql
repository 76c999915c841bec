-- Sensors: one lies inside a wheel and travels with it, or sits on a valve cap and belongs to its position.

CREATE TABLE sensor (
    id INTEGER PRIMARY KEY,
    code TEXT NOT NULL,
    mount TEXT NOT NULL,
    fitted_day TEXT,
    wheel_id INTEGER REFERENCES wheel (id),
    place_id INTEGER REFERENCES place (id),
    removed_at TEXT,
    CONSTRAINT sensor_is_somewhere CHECK (removed_at IS NOT NULL OR (wheel_id IS NULL) <> (place_id IS NULL))
) STRICT;
CREATE UNIQUE INDEX sensor_code_in_use_once ON sensor (code) WHERE removed_at IS NULL;
CREATE UNIQUE INDEX sensor_wheel_has_one ON sensor (wheel_id) WHERE removed_at IS NULL;
CREATE UNIQUE INDEX sensor_place_has_one ON sensor (place_id) WHERE removed_at IS NULL;

CREATE TABLE sensor_event (
    id INTEGER PRIMARY KEY,
    sensor_id INTEGER NOT NULL REFERENCES sensor (id),
    kind TEXT NOT NULL,
    place_id INTEGER REFERENCES place (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    note TEXT NOT NULL DEFAULT '',
    job_id INTEGER REFERENCES job (id)
) STRICT;
CREATE INDEX sensor_event_of_sensor ON sensor_event (sensor_id);
CREATE INDEX sensor_event_of_place ON sensor_event (place_id);
CREATE TRIGGER sensor_event_stays BEFORE UPDATE ON sensor_event BEGIN SELECT RAISE(ABORT, 'what happened to a sensor is never changed'); END;
CREATE TRIGGER sensor_event_remains BEFORE DELETE ON sensor_event BEGIN SELECT RAISE(ABORT, 'what happened to a sensor is never deleted'); END;
