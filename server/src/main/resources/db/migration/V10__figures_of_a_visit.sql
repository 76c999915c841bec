-- Figures of a visit's lines by name, each as entered; and what is wrong with them, where something is.
ALTER TABLE visit_line ADD COLUMN figures TEXT NOT NULL DEFAULT '{}';
ALTER TABLE visit_line ADD COLUMN concern TEXT NOT NULL DEFAULT '';

-- The sheet a delivery was taken in by: one for all tires decided together.
CREATE TABLE receiving_sheet (
    id INTEGER PRIMARY KEY,
    order_line_id INTEGER NOT NULL REFERENCES order_line (id),
    at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id)
) STRICT;
CREATE TABLE receiving_step (
    id INTEGER PRIMARY KEY,
    receiving_sheet_id INTEGER NOT NULL REFERENCES receiving_sheet (id),
    step TEXT NOT NULL,
    is_done INTEGER NOT NULL,
    says TEXT NOT NULL
) STRICT;
CREATE INDEX receiving_sheet_of_line ON receiving_sheet (order_line_id);
CREATE INDEX receiving_step_of_sheet ON receiving_step (receiving_sheet_id);
CREATE TRIGGER receiving_sheet_stays BEFORE UPDATE ON receiving_sheet BEGIN SELECT RAISE(ABORT, 'receiving sheets are never changed'); END;
CREATE TRIGGER receiving_sheet_remains BEFORE DELETE ON receiving_sheet BEGIN SELECT RAISE(ABORT, 'receiving sheets are never deleted'); END;
CREATE TRIGGER receiving_step_stays BEFORE UPDATE ON receiving_step BEGIN SELECT RAISE(ABORT, 'receiving sheets are never changed'); END;
CREATE TRIGGER receiving_step_remains BEFORE DELETE ON receiving_step BEGIN SELECT RAISE(ABORT, 'receiving sheets are never deleted'); END;
