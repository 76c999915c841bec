-- One word for sensors heard at each other's corners: swapped.
DROP TRIGGER corner_crossing_stays;
DROP TRIGGER corner_crossing_remains;
DROP INDEX corner_crossing_of_vehicle;
ALTER TABLE corner_crossing RENAME TO sensor_swap;
CREATE INDEX sensor_swap_of_vehicle ON sensor_swap (vehicle_id);
CREATE TRIGGER sensor_swap_stays BEFORE UPDATE ON sensor_swap BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never changed'); END;
CREATE TRIGGER sensor_swap_remains BEFORE DELETE ON sensor_swap BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never deleted'); END;
