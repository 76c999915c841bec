-- Due work left until a day, by name and with a reason; ended early where somebody takes it back.
CREATE TABLE waiver (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    work TEXT NOT NULL,
    until_day TEXT NOT NULL,
    reason TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    ended_at TEXT
) STRICT;
CREATE INDEX waiver_of_vehicle ON waiver (vehicle_id);

-- Questions combined and kept under a name.
CREATE TABLE kept_question (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    definition TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CONSTRAINT kept_question_named_once UNIQUE (name)
) STRICT;

-- What the shops can do, as one document; the newest line counts.
CREATE TABLE shop_setup (
    id INTEGER PRIMARY KEY,
    document TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;

-- Where an open job stands on its planned day.
CREATE TABLE placement (
    job_id INTEGER PRIMARY KEY REFERENCES job (id),
    start_minute INTEGER NOT NULL,
    bay INTEGER NOT NULL,
    crew TEXT NOT NULL DEFAULT '[]',
    is_pinned INTEGER NOT NULL DEFAULT 0,
    yard_id INTEGER NOT NULL REFERENCES yard (id)
) STRICT;

-- Vehicles that are out, entered by hand or read from a calendar; local times of the fleet.
CREATE TABLE away (
    id INTEGER PRIMARY KEY,
    vehicle_id INTEGER NOT NULL REFERENCES vehicle (id),
    starts TEXT NOT NULL,
    ends TEXT NOT NULL,
    why TEXT NOT NULL,
    source TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE INDEX away_of_vehicle ON away (vehicle_id);

-- Private addresses a calendar program may read; only a digest of the secret is kept.
CREATE TABLE calendar_feed (
    id INTEGER PRIMARY KEY,
    digest TEXT NOT NULL,
    yard_id INTEGER REFERENCES yard (id),
    crew_id INTEGER REFERENCES person (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    revoked_at TEXT,
    CONSTRAINT calendar_feed_once UNIQUE (digest)
) STRICT;

-- Who delivers which makes and how long that takes; discount programs; mail that would go out.
CREATE TABLE supplier (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    mail TEXT NOT NULL DEFAULT '',
    lead_days INTEGER NOT NULL,
    makers TEXT NOT NULL DEFAULT '',
    version INTEGER NOT NULL DEFAULT 1,
    CONSTRAINT supplier_named_once UNIQUE (name)
) STRICT;
CREATE TABLE discount_program (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    fee_price_cents INTEGER NOT NULL,
    saving_price_cents INTEGER NOT NULL,
    ended_at TEXT,
    CONSTRAINT discount_program_named_once UNIQUE (name)
) STRICT;
CREATE TABLE outgoing_mail (
    id INTEGER PRIMARY KEY,
    addressee TEXT NOT NULL,
    subject TEXT NOT NULL,
    body TEXT NOT NULL,
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;

-- Coldest morning forecast for a yard.
CREATE TABLE coldest_morning (
    yard_id INTEGER NOT NULL REFERENCES yard (id),
    on_day TEXT NOT NULL,
    temperature TEXT NOT NULL,
    PRIMARY KEY (yard_id, on_day)
) STRICT;
