-- An accepted rotation is a job with moves; tires from stock are spoken for while it is open.

CREATE TABLE rotation_plan (
    id INTEGER PRIMARY KEY,
    job_id INTEGER NOT NULL REFERENCES job (id),
    purpose TEXT NOT NULL,
    next_visit_day TEXT NOT NULL,
    overridden TEXT NOT NULL DEFAULT '',
    override_reason TEXT NOT NULL DEFAULT '',
    CONSTRAINT rotation_plan_once_a_job UNIQUE (job_id)
) STRICT;

CREATE TABLE rotation_move (
    id INTEGER PRIMARY KEY,
    rotation_plan_id INTEGER NOT NULL REFERENCES rotation_plan (id),
    lift INTEGER NOT NULL,
    tire_id INTEGER REFERENCES tire (id),
    tire_model_id INTEGER NOT NULL REFERENCES tire_model (id),
    from_place_id INTEGER REFERENCES place (id),
    to_place_id INTEGER REFERENCES place (id),
    wheel_from_place_id INTEGER REFERENCES place (id),
    how TEXT NOT NULL
) STRICT;
CREATE INDEX rotation_move_of_plan ON rotation_move (rotation_plan_id);
CREATE INDEX rotation_move_of_tire ON rotation_move (tire_id);
