-- The register: accounts, wheels, placards and plates in full, the catalogue of tire models, stock, orders and the jump index.

-- Accounts. A person without a password can't sign in by one; facts they recorded keep their name.
ALTER TABLE person ADD COLUMN units TEXT NOT NULL DEFAULT 'US';
ALTER TABLE person ADD COLUMN password_hash TEXT;
ALTER TABLE person ADD COLUMN is_active INTEGER NOT NULL DEFAULT 1;
ALTER TABLE person ADD COLUMN is_demo INTEGER NOT NULL DEFAULT 0;
ALTER TABLE person ADD COLUMN credentials_at TEXT NOT NULL DEFAULT '2000-01-01T00:00:00.000Z';
UPDATE person SET role = upper(role);

-- Vehicles: the plate's figure as entered, the placard's place and what it assumes, use, retirement.
ALTER TABLE vehicle ADD COLUMN gvwr TEXT NOT NULL DEFAULT '1 lb';
UPDATE vehicle SET gvwr = gvwr_lb || ' lb';
ALTER TABLE vehicle DROP COLUMN gvwr_lb;
ALTER TABLE vehicle ADD COLUMN placard_spot TEXT NOT NULL DEFAULT '';
ALTER TABLE vehicle ADD COLUMN placard_assumes TEXT NOT NULL DEFAULT 'UNKNOWN';
ALTER TABLE vehicle ADD COLUMN usual_state TEXT NOT NULL DEFAULT 'UNKNOWN';
ALTER TABLE vehicle ADD COLUMN is_outdoors INTEGER NOT NULL DEFAULT 0;
ALTER TABLE vehicle ADD COLUMN retired_at TEXT;
ALTER TABLE vehicle ADD COLUMN version INTEGER NOT NULL DEFAULT 1;
ALTER TABLE axle ADD COLUMN gawr TEXT;

-- Unit numbers are one name in any case; files look each row's vehicle up by it.
CREATE UNIQUE INDEX vehicle_unit_any_case ON vehicle (lower(unit));

-- A place that a changed layout no longer has keeps its history.
ALTER TABLE place ADD COLUMN removed_at TEXT;

ALTER TABLE wheel ADD COLUMN rim_inches REAL;
ALTER TABLE wheel ADD COLUMN width_inches REAL;
ALTER TABLE wheel ADD COLUMN lug_count INTEGER;
ALTER TABLE wheel ADD COLUMN seat TEXT NOT NULL DEFAULT '';
ALTER TABLE wheel ADD COLUMN is_left_threaded INTEGER NOT NULL DEFAULT 0;
ALTER TABLE wheel ADD COLUMN torque TEXT;
ALTER TABLE wheel ADD COLUMN material TEXT NOT NULL DEFAULT '';
ALTER TABLE wheel ADD COLUMN maximum_load TEXT;
ALTER TABLE wheel ADD COLUMN is_reversed INTEGER NOT NULL DEFAULT 0;
ALTER TABLE wheel ADD COLUMN valve TEXT NOT NULL DEFAULT '';

-- The catalogue is rebuilt: two load ranges of one maker's model and size are two models.
PRAGMA defer_foreign_keys = ON;
CREATE TABLE tire_model_before AS SELECT * FROM tire_model;
DROP TABLE tire_model;
CREATE TABLE tire_model (
    id INTEGER PRIMARY KEY,
    maker TEXT NOT NULL,
    name TEXT NOT NULL,
    size TEXT NOT NULL,
    service_description TEXT NOT NULL DEFAULT '',
    load_range TEXT NOT NULL DEFAULT '',
    load_single TEXT,
    load_dual TEXT,
    molded_pressure TEXT,
    original_depth TEXT,
    is_directional INTEGER NOT NULL DEFAULT 0,
    is_steer_allowed INTEGER NOT NULL DEFAULT 1,
    measured_diameter TEXT,
    is_tubeless INTEGER NOT NULL DEFAULT 1,
    plies TEXT NOT NULL DEFAULT '',
    winter TEXT NOT NULL DEFAULT 'NONE',
    grades TEXT NOT NULL DEFAULT '',
    price_cents INTEGER,
    version INTEGER NOT NULL DEFAULT 1,
    CONSTRAINT tire_model_once UNIQUE (maker, name, size, load_range, service_description)
) STRICT;
INSERT INTO tire_model (id, maker, name, size, molded_pressure, original_depth, is_directional)
    SELECT id, maker, name, size, molded_pressure, original_depth, is_directional FROM tire_model_before;
DROP TABLE tire_model_before;

-- A policy number may be withdrawn; the newest line of a number and scope counts.
ALTER TABLE policy_setting ADD COLUMN is_withdrawn INTEGER NOT NULL DEFAULT 0;

-- Tires: the number branded or painted on, the price paid; a retread's own date apart from its casing's.
ALTER TABLE tire ADD COLUMN number TEXT;
ALTER TABLE tire ADD COLUMN price_cents INTEGER;
CREATE UNIQUE INDEX tire_number_once ON tire (number) WHERE number IS NOT NULL;
ALTER TABLE tire_dot ADD COLUMN kind TEXT NOT NULL DEFAULT 'TIRE';

-- Where a tire is that is not on a vehicle. Nothing is deleted: a scrapped tire is here too.
CREATE TABLE stock (
    tire_id INTEGER PRIMARY KEY REFERENCES tire (id),
    state TEXT NOT NULL,
    yard_id INTEGER REFERENCES yard (id),
    shelf TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL
) STRICT;
INSERT INTO stock (tire_id, state, at)
    SELECT id, 'IN_STOCK', (SELECT max(at) FROM tire_movement WHERE tire_movement.tire_id = tire.id)
    FROM tire WHERE id NOT IN (SELECT tire_id FROM fitment);
CREATE TRIGGER fitment_not_from_stock BEFORE INSERT ON fitment
    WHEN EXISTS (SELECT 1 FROM stock WHERE tire_id = NEW.tire_id)
    BEGIN SELECT RAISE(ABORT, 'a tire is in one place: it is still in stock'); END;
CREATE TRIGGER stock_not_from_vehicle BEFORE INSERT ON stock
    WHEN EXISTS (SELECT 1 FROM fitment WHERE tire_id = NEW.tire_id)
    BEGIN SELECT RAISE(ABORT, 'a tire is in one place: it is still on a vehicle'); END;

ALTER TABLE tire_movement ADD COLUMN yard_id INTEGER REFERENCES yard (id);
ALTER TABLE tire_movement ADD COLUMN shelf TEXT NOT NULL DEFAULT '';
ALTER TABLE tire_movement ADD COLUMN odometer TEXT;
ALTER TABLE tire_movement ADD COLUMN depth_lowest TEXT;
ALTER TABLE tire_movement ADD COLUMN reason TEXT NOT NULL DEFAULT '';
ALTER TABLE tire_movement ADD COLUMN corrects_id INTEGER REFERENCES tire_movement (id);
CREATE INDEX tire_movement_from ON tire_movement (from_place_id);
CREATE INDEX tire_movement_to ON tire_movement (to_place_id);

-- Orders and what was delivered against them; a delivery is a fact.
CREATE TABLE tire_order (
    id INTEGER PRIMARY KEY,
    supplier TEXT NOT NULL,
    ordered_day TEXT NOT NULL,
    yard_id INTEGER NOT NULL REFERENCES yard (id),
    note TEXT NOT NULL DEFAULT '',
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    closed_at TEXT
) STRICT;
CREATE TABLE order_line (
    id INTEGER PRIMARY KEY,
    tire_order_id INTEGER NOT NULL REFERENCES tire_order (id),
    tire_model_id INTEGER NOT NULL REFERENCES tire_model (id),
    quantity INTEGER NOT NULL CHECK (quantity > 0),
    price_cents INTEGER
) STRICT;
CREATE INDEX order_line_of_order ON order_line (tire_order_id);
CREATE TABLE delivery (
    id INTEGER PRIMARY KEY,
    order_line_id INTEGER NOT NULL REFERENCES order_line (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    is_accepted INTEGER NOT NULL,
    tire_id INTEGER REFERENCES tire (id),
    tire_model_id INTEGER NOT NULL REFERENCES tire_model (id),
    code TEXT NOT NULL,
    differences TEXT NOT NULL DEFAULT '',
    note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX delivery_of_line ON delivery (order_line_id);
CREATE TRIGGER delivery_stays BEFORE UPDATE ON delivery BEGIN SELECT RAISE(ABORT, 'deliveries are never changed'); END;
CREATE TRIGGER delivery_remains BEFORE DELETE ON delivery BEGIN SELECT RAISE(ABORT, 'deliveries are never deleted'); END;

-- What the jump field finds: three or more characters anywhere through the trigram index, fewer by prefix.
CREATE TABLE search_term (
    id INTEGER PRIMARY KEY,
    kind TEXT NOT NULL,
    ref_id INTEGER NOT NULL,
    term TEXT NOT NULL
) STRICT;
CREATE INDEX search_term_prefix ON search_term (term COLLATE NOCASE);
CREATE INDEX search_term_of ON search_term (kind, ref_id);
CREATE VIRTUAL TABLE search_fts USING fts5(term, content='search_term', content_rowid='id', tokenize='trigram');
CREATE TRIGGER search_term_added AFTER INSERT ON search_term
    BEGIN INSERT INTO search_fts (rowid, term) VALUES (NEW.id, NEW.term); END;
CREATE TRIGGER search_term_gone AFTER DELETE ON search_term
    BEGIN INSERT INTO search_fts (search_fts, rowid, term) VALUES ('delete', OLD.id, OLD.term); END;

CREATE TRIGGER vehicle_found AFTER INSERT ON vehicle BEGIN
    INSERT INTO search_term (kind, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.unit);
    INSERT INTO search_term (kind, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.description);
END;
CREATE TRIGGER vehicle_found_anew AFTER UPDATE OF unit, description ON vehicle BEGIN
    DELETE FROM search_term WHERE kind = 'VEHICLE' AND ref_id = NEW.id;
    INSERT INTO search_term (kind, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.unit);
    INSERT INTO search_term (kind, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.description);
END;
CREATE TRIGGER tire_found AFTER INSERT ON tire WHEN NEW.number IS NOT NULL BEGIN
    INSERT INTO search_term (kind, ref_id, term) VALUES ('TIRE', NEW.id, NEW.number);
END;
CREATE TRIGGER tire_found_anew AFTER UPDATE OF number ON tire BEGIN
    DELETE FROM search_term WHERE kind = 'TIRE' AND ref_id = OLD.id AND term = OLD.number;
    INSERT INTO search_term (kind, ref_id, term) SELECT 'TIRE', NEW.id, NEW.number WHERE NEW.number IS NOT NULL;
END;
CREATE TRIGGER tire_dot_found AFTER INSERT ON tire_dot WHEN NEW.code <> '' BEGIN
    INSERT INTO search_term (kind, ref_id, term) VALUES ('TIRE', NEW.tire_id, NEW.code);
END;
CREATE TRIGGER person_found AFTER INSERT ON person BEGIN
    INSERT INTO search_term (kind, ref_id, term) VALUES ('PERSON', NEW.id, NEW.name);
END;
CREATE TRIGGER person_found_anew AFTER UPDATE OF name ON person BEGIN
    DELETE FROM search_term WHERE kind = 'PERSON' AND ref_id = NEW.id;
    INSERT INTO search_term (kind, ref_id, term) VALUES ('PERSON', NEW.id, NEW.name);
END;
INSERT INTO search_term (kind, ref_id, term) SELECT 'VEHICLE', id, unit FROM vehicle;
INSERT INTO search_term (kind, ref_id, term) SELECT 'VEHICLE', id, description FROM vehicle;
INSERT INTO search_term (kind, ref_id, term) SELECT 'TIRE', tire_id, code FROM tire_dot;
INSERT INTO search_term (kind, ref_id, term) SELECT 'PERSON', id, name FROM person;
