-- A choice between schools that a fleet made, for a class or for all; the newest line of a choice and class counts.
CREATE TABLE policy_choice (
    id INTEGER PRIMARY KEY,
    choice TEXT NOT NULL,
    vehicle_class_id INTEGER REFERENCES vehicle_class (id),
    option TEXT NOT NULL,
    is_withdrawn INTEGER NOT NULL DEFAULT 0,
    set_by TEXT NOT NULL,
    why TEXT NOT NULL,
    at TEXT NOT NULL
) STRICT;
