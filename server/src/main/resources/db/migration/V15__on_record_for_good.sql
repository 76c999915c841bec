-- What people decided is on record for good, like readings: taken back by a newer line, never changed.
CREATE TRIGGER pressure_choice_stays BEFORE UPDATE ON pressure_choice BEGIN SELECT RAISE(ABORT, 'what was chosen is never changed'); END;
CREATE TRIGGER pressure_choice_remains BEFORE DELETE ON pressure_choice BEGIN SELECT RAISE(ABORT, 'what was chosen is never deleted'); END;
CREATE TRIGGER chalk_pass_stays BEFORE UPDATE ON chalk_pass BEGIN SELECT RAISE(ABORT, 'a pass of a trial is never changed'); END;
CREATE TRIGGER chalk_pass_remains BEFORE DELETE ON chalk_pass BEGIN SELECT RAISE(ABORT, 'a pass of a trial is never deleted'); END;
CREATE TRIGGER contact_trim_stays BEFORE UPDATE ON contact_trim BEGIN SELECT RAISE(ABORT, 'what a trial came to is never changed'); END;
CREATE TRIGGER contact_trim_remains BEFORE DELETE ON contact_trim BEGIN SELECT RAISE(ABORT, 'what a trial came to is never deleted'); END;
CREATE TRIGGER warning_threshold_stays BEFORE UPDATE ON warning_threshold BEGIN SELECT RAISE(ABORT, 'what a system is set to is never changed'); END;
CREATE TRIGGER warning_threshold_remains BEFORE DELETE ON warning_threshold BEGIN SELECT RAISE(ABORT, 'what a system is set to is never deleted'); END;
CREATE TRIGGER load_setting_stays BEFORE UPDATE ON load_setting BEGIN SELECT RAISE(ABORT, 'how a vehicle traveled is never changed'); END;
CREATE TRIGGER load_setting_remains BEFORE DELETE ON load_setting BEGIN SELECT RAISE(ABORT, 'how a vehicle traveled is never deleted'); END;
CREATE TRIGGER body_change_stays BEFORE UPDATE ON body_change BEGIN SELECT RAISE(ABORT, 'a change of body or equipment is never changed'); END;
CREATE TRIGGER body_change_remains BEFORE DELETE ON body_change BEGIN SELECT RAISE(ABORT, 'a change of body or equipment is never deleted'); END;
CREATE TRIGGER policy_setting_stays BEFORE UPDATE ON policy_setting BEGIN SELECT RAISE(ABORT, 'what was signed is never changed'); END;
CREATE TRIGGER policy_setting_remains BEFORE DELETE ON policy_setting BEGIN SELECT RAISE(ABORT, 'what was signed is never deleted'); END;
CREATE TRIGGER policy_choice_stays BEFORE UPDATE ON policy_choice BEGIN SELECT RAISE(ABORT, 'what was signed is never changed'); END;
CREATE TRIGGER policy_choice_remains BEFORE DELETE ON policy_choice BEGIN SELECT RAISE(ABORT, 'what was signed is never deleted'); END;
CREATE TRIGGER relearn_procedure_stays BEFORE UPDATE ON relearn_procedure BEGIN SELECT RAISE(ABORT, 'a procedure as noted is never changed'); END;
CREATE TRIGGER relearn_procedure_remains BEFORE DELETE ON relearn_procedure BEGIN SELECT RAISE(ABORT, 'a procedure as noted is never deleted'); END;

-- Answers kept for requests that a device may send again are let go after a while, by their day.
CREATE INDEX idempotent_answer_by_day ON idempotent_answer (at);
