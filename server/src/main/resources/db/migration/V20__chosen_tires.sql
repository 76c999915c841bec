-- Which tire a piece of work puts on: one in stock, one that is ordered, or a model to buy.
CREATE TABLE chosen_tire (
    job_item_id INTEGER PRIMARY KEY REFERENCES job_item (id),
    tire_id INTEGER REFERENCES tire (id),
    order_line_id INTEGER REFERENCES order_line (id),
    tire_model_id INTEGER NOT NULL REFERENCES tire_model (id),
    chosen_at TEXT NOT NULL,
    person_id INTEGER NOT NULL REFERENCES person (id),
    CONSTRAINT chosen_from_one CHECK (tire_id IS NULL OR order_line_id IS NULL)
) STRICT;
CREATE INDEX chosen_tire_of_tire ON chosen_tire (tire_id);
