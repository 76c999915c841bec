-- The days a follow-up is meant for, and what the odometer showed when the work was done that it follows.
CREATE TABLE follow_up (
    job_id INTEGER PRIMARY KEY REFERENCES job (id),
    work_done_date TEXT NOT NULL,
    from_date TEXT,
    to_date TEXT,
    odometer TEXT,
    CONSTRAINT follow_up_days CHECK ((from_date IS NULL) = (to_date IS NULL))
) STRICT;
