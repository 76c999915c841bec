-- Machines that send on their own: each with a token of its own, of which only the digest is kept, and the person its entries name.
CREATE TABLE machine_token (
    id INTEGER PRIMARY KEY,
    name TEXT NOT NULL,
    token_hash TEXT NOT NULL UNIQUE,
    scopes TEXT NOT NULL,
    machine_person_id INTEGER NOT NULL REFERENCES person (id),
    created_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    last_used_at TEXT,
    revoked_at TEXT
) STRICT;

-- What sensors sent lately: enough to tell a fast loss and a silent sensor by. Readings kept for good stand in the log.
CREATE TABLE sensor_sample (
    id INTEGER PRIMARY KEY,
    position_id INTEGER NOT NULL REFERENCES position (id),
    sampled_at TEXT NOT NULL,
    pressure TEXT NOT NULL,
    temperature TEXT,
    parked_at TEXT,
    is_kept INTEGER NOT NULL CHECK (is_kept IN (0, 1)),
    CONSTRAINT sensor_sample_once UNIQUE (position_id, sampled_at)
) STRICT;

CREATE TABLE sensor_silence (
    position_id INTEGER PRIMARY KEY REFERENCES position (id),
    silent_at TEXT NOT NULL
) STRICT;

-- Messages sent to other systems, signed, until they are taken or given up.
CREATE TABLE webhook (
    id INTEGER PRIMARY KEY,
    address TEXT NOT NULL,
    secret TEXT NOT NULL,
    created_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    revoked_at TEXT
) STRICT;
CREATE TABLE webhook_message (
    id INTEGER PRIMARY KEY,
    webhook_id INTEGER NOT NULL REFERENCES webhook (id),
    body TEXT NOT NULL,
    created_at TEXT NOT NULL,
    next_try_at TEXT,
    tries INTEGER NOT NULL DEFAULT 0,
    delivered_at TEXT,
    problem TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX webhook_message_waiting ON webhook_message (next_try_at) WHERE next_try_at IS NOT NULL;

-- Mail leaves by SMTP where a server is set; each is tried until it is taken or given up.
ALTER TABLE outbox_message ADD COLUMN sent_at TEXT;
ALTER TABLE outbox_message ADD COLUMN next_try_at TEXT;
ALTER TABLE outbox_message ADD COLUMN tries INTEGER NOT NULL DEFAULT 0;
ALTER TABLE outbox_message ADD COLUMN problem TEXT NOT NULL DEFAULT '';
