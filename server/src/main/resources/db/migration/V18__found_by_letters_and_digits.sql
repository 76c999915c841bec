-- What is looked for counts by its letters and digits: spaces, hyphens and the like are taken out of the index, too. Tire models
-- are found by manufacturer, name and size.

DROP TRIGGER vehicle_found;
DROP TRIGGER vehicle_found_anew;
DROP TRIGGER tire_found;
DROP TRIGGER tire_found_anew;
DROP TRIGGER tire_dot_found;
DROP TRIGGER person_found;
DROP TRIGGER person_found_anew;
DELETE FROM search_term;
CREATE TRIGGER vehicle_found AFTER INSERT ON vehicle BEGIN
    INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.unit,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.description,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER vehicle_found_anew AFTER UPDATE OF unit, description ON vehicle BEGIN
    DELETE FROM search_term WHERE type = 'VEHICLE' AND ref_id = NEW.id;
    INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.unit,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.description,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER tire_found AFTER INSERT ON tire WHEN NEW.tire_number IS NOT NULL BEGIN
    INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.tire_number,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER tire_found_anew AFTER UPDATE OF tire_number ON tire BEGIN
    DELETE FROM search_term WHERE type = 'TIRE' AND ref_id = OLD.id AND term = replace(replace(replace(replace(replace(replace(replace(replace(OLD.tire_number,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.tire_number,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') WHERE NEW.tire_number IS NOT NULL;
END;
CREATE TRIGGER tire_dot_found AFTER INSERT ON tire_dot WHEN NEW.code <> '' BEGIN
    INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', NEW.tire_id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.code,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER person_found AFTER INSERT ON person BEGIN
    INSERT INTO search_term (type, ref_id, term) SELECT 'PERSON', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER person_found_anew AFTER UPDATE OF name ON person BEGIN
    DELETE FROM search_term WHERE type = 'PERSON' AND ref_id = NEW.id;
    INSERT INTO search_term (type, ref_id, term) SELECT 'PERSON', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER tire_model_found AFTER INSERT ON tire_model BEGIN
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.manufacturer || NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.size,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
CREATE TRIGGER tire_model_found_anew AFTER UPDATE OF manufacturer, name, size ON tire_model BEGIN
    DELETE FROM search_term WHERE type = 'MODEL' AND ref_id = NEW.id;
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.manufacturer || NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
    INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', NEW.id, replace(replace(replace(replace(replace(replace(replace(replace(NEW.size,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','');
END;
INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', id, replace(replace(replace(replace(replace(replace(replace(replace(unit,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM vehicle;
INSERT INTO search_term (type, ref_id, term) SELECT 'VEHICLE', id, replace(replace(replace(replace(replace(replace(replace(replace(description,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM vehicle;
INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', id, replace(replace(replace(replace(replace(replace(replace(replace(tire_number,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM tire WHERE tire_number IS NOT NULL;
INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', tire_id, replace(replace(replace(replace(replace(replace(replace(replace(code,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM tire_dot WHERE code <> '';
INSERT INTO search_term (type, ref_id, term) SELECT 'PERSON', id, replace(replace(replace(replace(replace(replace(replace(replace(name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM person;
INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', id, replace(replace(replace(replace(replace(replace(replace(replace(manufacturer || name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM tire_model;
INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', id, replace(replace(replace(replace(replace(replace(replace(replace(name,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM tire_model;
INSERT INTO search_term (type, ref_id, term) SELECT 'MODEL', id, replace(replace(replace(replace(replace(replace(replace(replace(size,' ',''),'-',''),'/',''),'.',''),'_',''),',',''),'''',''),'’','') FROM tire_model;
