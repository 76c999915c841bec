-- A manager's word that the clock is right now: entries up to a later moment were stored while it ran ahead.
CREATE TABLE clock_word (
    id INTEGER PRIMARY KEY,
    at TEXT NOT NULL,
    ahead_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
