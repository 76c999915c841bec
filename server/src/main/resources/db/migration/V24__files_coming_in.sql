-- Files that are being brought in: looked at whole, and then stored in small parts that hold nobody up. What was accepted is
-- stored to its end, by the next start where this one was cut off.
CREATE TABLE import_file (
    id INTEGER PRIMARY KEY,
    type TEXT NOT NULL CHECK (type IN ('VEHICLES', 'TIRES', 'ODOMETERS', 'READINGS')),
    units TEXT NOT NULL CHECK (units IN ('US', 'METRIC')),
    accepted_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    accepted_rows TEXT NOT NULL
) STRICT;
CREATE TABLE import_progress (
    import_file_id INTEGER PRIMARY KEY REFERENCES import_file (id) ON DELETE CASCADE,
    stored_rows INTEGER NOT NULL
) STRICT;
