-- One vocabulary, in tables, columns and stored codes too. Nothing is added or lost: rows keep their ids and their order.
-- Facts are append-only; their triggers step aside while the words change, and stand again before anybody can write.

DROP TRIGGER reading_stays;
DROP TRIGGER reading_remains;
DROP TRIGGER finding_stays;
DROP TRIGGER finding_remains;
DROP TRIGGER finding_clearance_stays;
DROP TRIGGER finding_clearance_remains;
DROP TRIGGER tire_movement_stays;
DROP TRIGGER tire_movement_remains;
DROP TRIGGER tire_dot_stays;
DROP TRIGGER tire_dot_remains;
DROP TRIGGER odometer_reading_stays;
DROP TRIGGER odometer_reading_remains;
DROP TRIGGER professional_inspection_stays;
DROP TRIGGER professional_inspection_remains;
DROP TRIGGER fitment_not_from_stock;
DROP TRIGGER stock_not_from_vehicle;
DROP TRIGGER delivery_stays;
DROP TRIGGER delivery_remains;
DROP TRIGGER search_term_added;
DROP TRIGGER search_term_gone;
DROP TRIGGER vehicle_found;
DROP TRIGGER vehicle_found_anew;
DROP TRIGGER tire_found;
DROP TRIGGER tire_found_anew;
DROP TRIGGER tire_dot_found;
DROP TRIGGER person_found;
DROP TRIGGER person_found_anew;
DROP TRIGGER slip_stays;
DROP TRIGGER slip_remains;
DROP TRIGGER slip_axle_stays;
DROP TRIGGER slip_axle_remains;
DROP TRIGGER vehicle_event_stays;
DROP TRIGGER vehicle_event_remains;
DROP TRIGGER gauge_calibration_stays;
DROP TRIGGER gauge_calibration_remains;
DROP TRIGGER odometer_replacement_stays;
DROP TRIGGER odometer_replacement_remains;
DROP TRIGGER sensor_event_stays;
DROP TRIGGER sensor_event_remains;
DROP TRIGGER sheet_mark_stays;
DROP TRIGGER sheet_mark_remains;
DROP TRIGGER visit_line_stays;
DROP TRIGGER visit_line_remains;
DROP TRIGGER relearn_event_stays;
DROP TRIGGER relearn_event_remains;
DROP TRIGGER receiving_sheet_stays;
DROP TRIGGER receiving_sheet_remains;
DROP TRIGGER receiving_step_stays;
DROP TRIGGER receiving_step_remains;
DROP TRIGGER reading_in_force_stays;
DROP TRIGGER reading_in_force_remains;
DROP TRIGGER reading_void_stays;
DROP TRIGGER reading_void_remains;
DROP TRIGGER leak_repair_stays;
DROP TRIGGER leak_repair_remains;
DROP TRIGGER report_check_stays;
DROP TRIGGER report_check_remains;
DROP TRIGGER pressure_choice_stays;
DROP TRIGGER pressure_choice_remains;
DROP TRIGGER chalk_pass_stays;
DROP TRIGGER chalk_pass_remains;
DROP TRIGGER contact_trim_stays;
DROP TRIGGER contact_trim_remains;
DROP TRIGGER warning_threshold_stays;
DROP TRIGGER warning_threshold_remains;
DROP TRIGGER load_setting_stays;
DROP TRIGGER load_setting_remains;
DROP TRIGGER body_change_stays;
DROP TRIGGER body_change_remains;
DROP TRIGGER policy_setting_stays;
DROP TRIGGER policy_setting_remains;
DROP TRIGGER policy_choice_stays;
DROP TRIGGER policy_choice_remains;
DROP TRIGGER relearn_procedure_stays;
DROP TRIGGER relearn_procedure_remains;
DROP TRIGGER sensor_swap_stays;
DROP TRIGGER sensor_swap_remains;

DROP INDEX walk_round_one_open;
DROP INDEX slip_of_vehicle;
DROP INDEX pressure_choice_of_vehicle;
DROP INDEX chalk_pass_of_vehicle;
DROP INDEX contact_trim_of_vehicle;
DROP INDEX load_setting_of_vehicle;
DROP INDEX load_trip_of_vehicle;
DROP INDEX photo_of_walk_round;
DROP INDEX sensor_place_has_one;
DROP INDEX sensor_event_of_place;
DROP INDEX sheet_mark_of_job;
DROP INDEX visit_line_of_job;
DROP INDEX receiving_sheet_of_line;
DROP INDEX receiving_step_of_sheet;
DROP INDEX waiver_of_vehicle;
DROP INDEX away_of_vehicle;

ALTER TABLE alert_fold RENAME COLUMN at TO folded_at;
ALTER TABLE away RENAME TO vehicle_booking;
ALTER TABLE vehicle_booking RENAME COLUMN starts TO starts_at;
ALTER TABLE vehicle_booking RENAME COLUMN ends TO ends_at;
ALTER TABLE vehicle_booking RENAME COLUMN why TO reason;
ALTER TABLE vehicle_booking RENAME COLUMN at TO recorded_at;
ALTER TABLE axle RENAME COLUMN dual TO is_dual;
ALTER TABLE body_change RENAME COLUMN day TO change_date;
ALTER TABLE body_change RENAME COLUMN at TO recorded_at;
ALTER TABLE calendar_feed RENAME TO calendar_link;
ALTER TABLE calendar_link RENAME COLUMN digest TO token_hash;
ALTER TABLE calendar_link RENAME COLUMN crew_id TO for_person_id;
ALTER TABLE calendar_link RENAME COLUMN at TO created_at;
ALTER TABLE chalk_pass RENAME TO chalk_test_pass;
ALTER TABLE chalk_test_pass RENAME COLUMN trial_day TO test_date;
ALTER TABLE chalk_test_pass RENAME COLUMN look TO contact_pattern;
ALTER TABLE chalk_test_pass RENAME COLUMN at TO recorded_at;
ALTER TABLE clock_word RENAME TO clock_confirmation;
ALTER TABLE clock_confirmation RENAME COLUMN at TO recorded_at;
ALTER TABLE clock_confirmation RENAME COLUMN ahead_at TO confirmed_future_at;
ALTER TABLE coldest_morning RENAME COLUMN on_day TO morning_date;
ALTER TABLE contact_trim RENAME TO chalk_test_result;
ALTER TABLE chalk_test_result RENAME COLUMN state TO load_state;
ALTER TABLE chalk_test_result RENAME COLUMN at TO recorded_at;
ALTER TABLE delivery RENAME COLUMN at TO recorded_at;
ALTER TABLE driver_report RENAME COLUMN at TO reported_at;
ALTER TABLE driver_report RENAME COLUMN state TO status;
ALTER TABLE finding RENAME COLUMN place_id TO position_id;
ALTER TABLE finding RENAME COLUMN kind TO type;
ALTER TABLE finding RENAME COLUMN at TO found_at;
ALTER TABLE finding RENAME COLUMN walk_round_id TO walk_around_id;
ALTER TABLE finding_clearance RENAME COLUMN how TO cleared_by;
ALTER TABLE finding_clearance RENAME COLUMN at TO recorded_at;
ALTER TABLE fitment RENAME TO installation;
ALTER TABLE installation RENAME COLUMN place_id TO position_id;
ALTER TABLE installation RENAME COLUMN at TO installed_at;
ALTER TABLE gauge RENAME COLUMN kind TO type;
ALTER TABLE gauge_calibration RENAME COLUMN day TO calibration_date;
ALTER TABLE gauge_calibration RENAME COLUMN at TO recorded_at;
ALTER TABLE idempotent_answer RENAME COLUMN at TO answered_at;
ALTER TABLE job RENAME COLUMN planned_day TO scheduled_date;
ALTER TABLE job RENAME COLUMN done_at TO completed_at;
ALTER TABLE job RENAME COLUMN done_by_id TO completed_by_id;
ALTER TABLE job RENAME COLUMN cancelled_at TO unscheduled_at;
ALTER TABLE job_item RENAME COLUMN kind TO work_type;
ALTER TABLE job_item RENAME COLUMN place_id TO position_id;
ALTER TABLE job_item RENAME COLUMN done_note TO completion_note;
ALTER TABLE job_sheet RENAME COLUMN machine_id TO tire_changer_id;
ALTER TABLE job_sheet RENAME COLUMN is_sensor_dismount TO is_tire_demounted_for_sensor;
ALTER TABLE kept_question RENAME TO saved_question;
ALTER TABLE saved_question RENAME COLUMN at TO saved_at;
ALTER TABLE leak_repair RENAME COLUMN place_id TO position_id;
ALTER TABLE leak_repair RENAME COLUMN at TO recorded_at;
ALTER TABLE load_chart RENAME COLUMN maker TO manufacturer;
ALTER TABLE load_chart RENAME COLUMN at TO recorded_at;
ALTER TABLE load_setting RENAME TO load_state_setting;
ALTER TABLE load_state_setting RENAME COLUMN state TO load_state;
ALTER TABLE load_state_setting RENAME COLUMN from_day TO from_date;
ALTER TABLE load_state_setting RENAME COLUMN until_day TO until_date;
ALTER TABLE load_state_setting RENAME COLUMN at TO recorded_at;
ALTER TABLE load_trip RENAME TO trip;
ALTER TABLE trip RENAME COLUMN state TO load_state;
ALTER TABLE trip RENAME COLUMN from_day TO from_date;
ALTER TABLE trip RENAME COLUMN until_day TO until_date;
ALTER TABLE trip RENAME COLUMN at TO recorded_at;
ALTER TABLE machine RENAME TO tire_changer;
ALTER TABLE tire_changer RENAME COLUMN kind TO type;
ALTER TABLE tire_changer RENAME COLUMN most_tire TO max_tire_diameter;
ALTER TABLE tire_changer RENAME COLUMN least_rim TO min_rim_diameter;
ALTER TABLE tire_changer RENAME COLUMN most_rim TO max_rim_diameter;
ALTER TABLE tire_changer RENAME COLUMN most_width TO max_width;
ALTER TABLE tire_changer RENAME COLUMN valves TO valve_positions;
ALTER TABLE odometer_reading RENAME COLUMN at TO recorded_at;
ALTER TABLE odometer_replacement RENAME COLUMN at TO recorded_at;
ALTER TABLE outgoing_mail RENAME TO outbox_message;
ALTER TABLE outbox_message RENAME COLUMN addressee TO recipient;
ALTER TABLE outbox_message RENAME COLUMN at TO created_at;
ALTER TABLE photo RENAME COLUMN walk_round_id TO walk_around_id;
ALTER TABLE photo RENAME COLUMN place_id TO position_id;
ALTER TABLE photo RENAME COLUMN at TO taken_at;
ALTER TABLE place RENAME TO position;
ALTER TABLE position RENAME COLUMN walk_order TO walk_around_order;
ALTER TABLE placement RENAME TO job_slot;
ALTER TABLE job_slot RENAME COLUMN crew TO assignees;
ALTER TABLE policy_choice RENAME COLUMN is_withdrawn TO is_cleared;
ALTER TABLE policy_choice RENAME COLUMN why TO reason;
ALTER TABLE policy_choice RENAME COLUMN at TO recorded_at;
ALTER TABLE policy_setting RENAME COLUMN at TO recorded_at;
ALTER TABLE policy_setting RENAME COLUMN is_withdrawn TO is_cleared;
ALTER TABLE policy_setting RENAME COLUMN maker TO manufacturer;
ALTER TABLE policy_setting RENAME COLUMN why TO reason;
ALTER TABLE pressure_choice RENAME TO pressure_method_choice;
ALTER TABLE pressure_method_choice RENAME COLUMN school TO method;
ALTER TABLE pressure_method_choice RENAME COLUMN is_below_placard TO allows_below_placard;
ALTER TABLE pressure_method_choice RENAME COLUMN at TO recorded_at;
ALTER TABLE professional_inspection RENAME COLUMN at TO recorded_at;
ALTER TABLE professional_inspection RENAME COLUMN is_sound TO is_serviceable;
ALTER TABLE reading RENAME COLUMN place_id TO position_id;
ALTER TABLE reading RENAME COLUMN at TO read_at;
ALTER TABLE reading RENAME COLUMN warmth TO thermal_state;
ALTER TABLE reading RENAME COLUMN walk_round_id TO walk_around_id;
ALTER TABLE reading RENAME COLUMN is_fill TO is_inflation;
ALTER TABLE reading RENAME COLUMN depth_lowest TO lowest_depth;
ALTER TABLE reading RENAME COLUMN grid TO tread_grid;
ALTER TABLE reading RENAME COLUMN bound TO tread_interval;
ALTER TABLE reading RENAME COLUMN dot_faces TO dot_side;
ALTER TABLE reading_void RENAME COLUMN at TO voided_at;
ALTER TABLE receiving_sheet RENAME TO receiving_checklist;
ALTER TABLE receiving_checklist RENAME COLUMN at TO recorded_at;
ALTER TABLE receiving_step RENAME COLUMN receiving_sheet_id TO receiving_checklist_id;
ALTER TABLE receiving_step RENAME COLUMN says TO summary;
ALTER TABLE relearn RENAME COLUMN trigger_by TO trigger_method;
ALTER TABLE relearn_event RENAME COLUMN kind TO type;
ALTER TABLE relearn_event RENAME COLUMN place_id TO position_id;
ALTER TABLE relearn_event RENAME COLUMN at TO recorded_at;
ALTER TABLE relearn_procedure RENAME COLUMN ways TO entry_methods;
ALTER TABLE relearn_procedure RENAME COLUMN prompt TO corner_prompt;
ALTER TABLE relearn_procedure RENAME COLUMN trigger_by TO trigger_method;
ALTER TABLE relearn_procedure RENAME COLUMN corners TO corner_order;
ALTER TABLE relearn_procedure RENAME COLUMN at TO recorded_at;
ALTER TABLE report_check RENAME COLUMN at TO recorded_at;
ALTER TABLE report_code RENAME TO driver_card;
ALTER TABLE rotation_move RENAME COLUMN from_place_id TO from_position_id;
ALTER TABLE rotation_move RENAME COLUMN to_place_id TO to_position_id;
ALTER TABLE rotation_move RENAME COLUMN wheel_from_place_id TO wheel_from_position_id;
ALTER TABLE rotation_move RENAME COLUMN how TO method;
ALTER TABLE rotation_plan RENAME COLUMN purpose TO goal;
ALTER TABLE rotation_plan RENAME COLUMN next_visit_day TO next_visit_date;
ALTER TABLE rotation_plan RENAME COLUMN overridden TO overridden_rules;
ALTER TABLE search_term RENAME COLUMN kind TO type;
ALTER TABLE sensor RENAME COLUMN code TO printed_id;
ALTER TABLE sensor RENAME COLUMN mount TO location;
ALTER TABLE sensor RENAME COLUMN fitted_day TO installed_date;
ALTER TABLE sensor RENAME COLUMN place_id TO position_id;
ALTER TABLE sensor_event RENAME COLUMN kind TO type;
ALTER TABLE sensor_event RENAME COLUMN place_id TO position_id;
ALTER TABLE sensor_event RENAME COLUMN at TO recorded_at;
ALTER TABLE sensor_swap RENAME COLUMN says TO statement;
ALTER TABLE sensor_swap RENAME COLUMN at TO recorded_at;
ALTER TABLE sheet_mark RENAME TO step_record;
ALTER TABLE step_record RENAME COLUMN kind TO status;
ALTER TABLE step_record RENAME COLUMN kept TO recorded_values;
ALTER TABLE step_record RENAME COLUMN says TO summary;
ALTER TABLE step_record RENAME COLUMN at TO recorded_at;
ALTER TABLE shop_setup RENAME COLUMN at TO recorded_at;
ALTER TABLE slip RENAME TO scale_ticket;
ALTER TABLE scale_ticket RENAME COLUMN day TO weighed_date;
ALTER TABLE scale_ticket RENAME COLUMN state TO load_state;
ALTER TABLE scale_ticket RENAME COLUMN at TO recorded_at;
ALTER TABLE slip_axle RENAME TO scale_ticket_axle;
ALTER TABLE scale_ticket_axle RENAME COLUMN slip_id TO scale_ticket_id;
ALTER TABLE scale_ticket_axle RENAME COLUMN weight_whole TO weight_total;
ALTER TABLE scale_ticket_axle RENAME COLUMN tires TO tires_when_weighed;
ALTER TABLE stock RENAME COLUMN at TO stored_at;
ALTER TABLE supplier RENAME COLUMN mail TO email;
ALTER TABLE supplier RENAME COLUMN makers TO manufacturers;
ALTER TABLE tire RENAME COLUMN number TO tire_number;
ALTER TABLE tire_alert RENAME COLUMN kind TO type;
ALTER TABLE tire_alert RENAME COLUMN opened_day TO opened_date;
ALTER TABLE tire_alert RENAME COLUMN figure TO value;
ALTER TABLE tire_alert RENAME COLUMN limit_figure TO limit_value;
ALTER TABLE tire_alert RENAME COLUMN repaired_day TO repaired_date;
ALTER TABLE tire_alert RENAME COLUMN cleared_day TO cleared_date;
ALTER TABLE tire_dot RENAME COLUMN at TO recorded_at;
ALTER TABLE tire_dot RENAME COLUMN kind TO type;
ALTER TABLE tire_groove RENAME COLUMN depth_standing TO depth_remaining;
ALTER TABLE tire_groove RENAME COLUMN places TO locations;
ALTER TABLE tire_groove RENAME COLUMN read_day TO read_date;
ALTER TABLE tire_model RENAME COLUMN maker TO manufacturer;
ALTER TABLE tire_model RENAME COLUMN load_single TO max_load_single;
ALTER TABLE tire_model RENAME COLUMN load_dual TO max_load_dual;
ALTER TABLE tire_model RENAME COLUMN winter TO snow_rating;
ALTER TABLE tire_model RENAME COLUMN grades TO utqg_grades;
ALTER TABLE tire_movement RENAME COLUMN at TO moved_at;
ALTER TABLE tire_movement RENAME COLUMN kind TO type;
ALTER TABLE tire_movement RENAME COLUMN from_place_id TO from_position_id;
ALTER TABLE tire_movement RENAME COLUMN to_place_id TO to_position_id;
ALTER TABLE tire_movement RENAME COLUMN depth_lowest TO lowest_depth;
ALTER TABLE tire_order RENAME COLUMN ordered_day TO ordered_date;
ALTER TABLE tire_order RENAME COLUMN at TO recorded_at;
ALTER TABLE vehicle RENAME COLUMN kind TO type;
ALTER TABLE vehicle RENAME COLUMN is_sensored TO has_sensors;
ALTER TABLE vehicle RENAME COLUMN spares TO spare_count;
ALTER TABLE vehicle RENAME COLUMN placard_spot TO placard_location;
ALTER TABLE vehicle RENAME COLUMN placard_assumes TO placard_load_basis;
ALTER TABLE vehicle RENAME COLUMN usual_state TO normal_load_state;
ALTER TABLE vehicle RENAME COLUMN is_outdoors TO is_parked_outdoors;
ALTER TABLE vehicle_event RENAME COLUMN kind TO type;
ALTER TABLE vehicle_event RENAME COLUMN day TO event_date;
ALTER TABLE vehicle_event RENAME COLUMN at TO recorded_at;
ALTER TABLE vehicle_event RENAME COLUMN place_id TO position_id;
ALTER TABLE visit_line RENAME TO visit_entry;
ALTER TABLE visit_entry RENAME COLUMN kind TO type;
ALTER TABLE visit_entry RENAME COLUMN words TO text;
ALTER TABLE visit_entry RENAME COLUMN at TO recorded_at;
ALTER TABLE visit_entry RENAME COLUMN figures TO recorded_values;
ALTER TABLE visit_entry RENAME COLUMN concern TO warning;
ALTER TABLE waiver RENAME TO postponement;
ALTER TABLE postponement RENAME COLUMN work TO due_item_key;
ALTER TABLE postponement RENAME COLUMN until_day TO until_date;
ALTER TABLE postponement RENAME COLUMN at TO recorded_at;
ALTER TABLE walk_round RENAME TO walk_around;
ALTER TABLE walk_round_entry RENAME TO walk_around_entry;
ALTER TABLE walk_around_entry RENAME COLUMN walk_round_id TO walk_around_id;
ALTER TABLE walk_around_entry RENAME COLUMN place_id TO position_id;
ALTER TABLE walk_around_entry RENAME COLUMN warmth TO thermal_state;
ALTER TABLE walk_around_entry RENAME COLUMN put_right TO fixed_findings;
ALTER TABLE walk_around_entry RENAME COLUMN grid TO tread_grid;
ALTER TABLE walk_around_entry RENAME COLUMN bound TO tread_interval;
ALTER TABLE walk_around_entry RENAME COLUMN dot_faces TO dot_side;
ALTER TABLE walk_around_entry RENAME COLUMN inner_findings TO inner_sidewall_findings;
ALTER TABLE warning_threshold RENAME COLUMN why TO reason;
ALTER TABLE warning_threshold RENAME COLUMN at TO recorded_at;
ALTER TABLE wheel RENAME COLUMN place_id TO position_id;
ALTER TABLE wheel RENAME COLUMN pilot TO pilot_type;
ALTER TABLE wheel RENAME COLUMN rim_inches TO rim_diameter_in;
ALTER TABLE wheel RENAME COLUMN width_inches TO rim_width_in;
ALTER TABLE wheel RENAME COLUMN seat TO nut_seat;
ALTER TABLE wheel RENAME COLUMN valve TO valve_type;

-- Stored codes.
UPDATE vehicle SET normal_load_state = CASE normal_load_state WHEN 'USUAL' THEN 'NORMAL' ELSE normal_load_state END
    WHERE normal_load_state IN ('USUAL');
UPDATE vehicle SET placard_load_basis = CASE placard_load_basis WHEN 'TWO_PEOPLE' THEN 'ORDINARY_LOAD' ELSE placard_load_basis END
    WHERE placard_load_basis IN ('TWO_PEOPLE');
UPDATE chalk_test_result SET load_state = CASE load_state WHEN 'USUAL' THEN 'NORMAL' ELSE load_state END
    WHERE load_state IN ('USUAL');
UPDATE load_state_setting SET load_state = CASE load_state WHEN 'USUAL' THEN 'NORMAL' ELSE load_state END
    WHERE load_state IN ('USUAL');
UPDATE trip SET load_state = CASE load_state WHEN 'USUAL' THEN 'NORMAL' ELSE load_state END
    WHERE load_state IN ('USUAL');
UPDATE scale_ticket SET load_state = CASE load_state WHEN 'USUAL' THEN 'NORMAL' ELSE load_state END
    WHERE load_state IN ('USUAL');
UPDATE reading_in_force SET load_state = CASE load_state WHEN 'USUAL' THEN 'NORMAL' ELSE load_state END
    WHERE load_state IN ('USUAL');
UPDATE pressure_method_choice SET method = CASE method WHEN 'EQUIVALENT' THEN 'PLACARD_EQUIVALENT' WHEN 'WEIGHED' THEN 'WEIGHED_LOAD' WHEN 'RATED' THEN 'RATED_LOAD' WHEN 'TRIM' THEN 'CHALK_TEST' ELSE method END
    WHERE method IN ('EQUIVALENT', 'WEIGHED', 'RATED', 'TRIM');
UPDATE chalk_test_pass SET contact_pattern = CASE contact_pattern WHEN 'CENTER_ONLY' THEN 'CENTER_RUBBED' WHEN 'EDGES_MORE' THEN 'EDGES_RUBBED' WHEN 'RIGHT' THEN 'EVEN_CONTACT' ELSE contact_pattern END
    WHERE contact_pattern IN ('CENTER_ONLY', 'EDGES_MORE', 'RIGHT');
UPDATE finding SET type = CASE type WHEN 'SAWTOOTH' THEN 'FEATHERING' WHEN 'RUNNING_BACKWARDS' THEN 'INSTALLED_BACKWARD' WHEN 'STUD_HOLE_WORN' THEN 'STUD_HOLE_ELONGATED' WHEN 'RETREAD_SEEN' THEN 'RETREAD_IDENTIFIED' WHEN 'RAN_LOW' THEN 'RUN_FLAT' ELSE type END
    WHERE type IN ('SAWTOOTH', 'RUNNING_BACKWARDS', 'STUD_HOLE_WORN', 'RETREAD_SEEN', 'RAN_LOW');
UPDATE finding_clearance SET cleared_by = CASE cleared_by WHEN 'PUT_RIGHT' THEN 'FIXED' WHEN 'TIRE_OFF' THEN 'TIRE_REMOVED' ELSE cleared_by END
    WHERE cleared_by IN ('PUT_RIGHT', 'TIRE_OFF');
UPDATE driver_report SET symptom = CASE symptom WHEN 'LAMP' THEN 'WARNING_LAMP' WHEN 'WHEEL_OFF_CENTER' THEN 'STEERING_WHEEL_OFF_CENTER' ELSE symptom END
    WHERE symptom IN ('LAMP', 'WHEEL_OFF_CENTER');
UPDATE driver_report SET status = CASE status WHEN 'COUNTED' THEN 'ACCEPTED' ELSE status END
    WHERE status IN ('COUNTED');
UPDATE policy_setting SET number = CASE number WHEN 'PRESSURE_TOLERANCE_LEAST' THEN 'PRESSURE_TOLERANCE_MINIMUM' WHEN 'PRESSURE_KNOWN_DAYS' THEN 'PRESSURE_VALID_DAYS' WHEN 'TREAD_KNOWN_DAYS' THEN 'TREAD_VALID_DAYS' WHEN 'NEED_DAYS' THEN 'DAYS_ABOVE_MINIMUM' WHEN 'WARNING_LEAST_SL' THEN 'WARNING_MINIMUM_SL' WHEN 'WARNING_LEAST_XL' THEN 'WARNING_MINIMUM_XL' WHEN 'WARNING_LEAST_C' THEN 'WARNING_MINIMUM_C' WHEN 'WARNING_LEAST_D' THEN 'WARNING_MINIMUM_D' WHEN 'WARNING_LEAST_E' THEN 'WARNING_MINIMUM_E' WHEN 'SLIP_MONTHS' THEN 'SCALE_TICKET_MONTHS' WHEN 'SLIP_WITHIN' THEN 'SCALE_TICKET_TOLERANCE' WHEN 'IMBALANCE' THEN 'SIDE_DIFFERENCE' WHEN 'SHOP_HOUR' THEN 'LABOR_RATE' WHEN 'EARLY_FAILURES' THEN 'EARLY_FAILURE_RATE' WHEN 'OWN_BROUGHT_IN' THEN 'CUSTOM_BROUGHT_IN' WHEN 'OWN_STEER_YEAR' THEN 'CUSTOM_STEER_YEAR' WHEN 'OWN_SPREAD' THEN 'CUSTOM_SPREAD' WHEN 'OWN_DUAL' THEN 'CUSTOM_DUAL' WHEN 'OWN_LIFTED' THEN 'CUSTOM_LIFTED' WHEN 'OWN_DISMOUNTED' THEN 'CUSTOM_DEMOUNTED' WHEN 'OWN_LEFT_MONTH' THEN 'CUSTOM_UNUSED_MONTH' WHEN 'DELIVERED_AGE_ASK' THEN 'DELIVERED_AGE_ACCEPT' ELSE number END
    WHERE number IN ('PRESSURE_TOLERANCE_LEAST', 'PRESSURE_KNOWN_DAYS', 'TREAD_KNOWN_DAYS', 'NEED_DAYS', 'WARNING_LEAST_SL', 'WARNING_LEAST_XL', 'WARNING_LEAST_C', 'WARNING_LEAST_D', 'WARNING_LEAST_E', 'SLIP_MONTHS', 'SLIP_WITHIN', 'IMBALANCE', 'SHOP_HOUR', 'EARLY_FAILURES', 'OWN_BROUGHT_IN', 'OWN_STEER_YEAR', 'OWN_SPREAD', 'OWN_DUAL', 'OWN_LIFTED', 'OWN_DISMOUNTED', 'OWN_LEFT_MONTH', 'DELIVERED_AGE_ASK');
UPDATE policy_choice SET choice = CASE choice WHEN 'EVEN_WEAR_SWAP' THEN 'EVEN_WEAR_SCOPE' ELSE choice END
    WHERE choice IN ('EVEN_WEAR_SWAP');
UPDATE job_item SET work_type = CASE work_type WHEN 'PUT_RIGHT' THEN 'FIX_DEFECT' WHEN 'MEND_WEAR_CAUSE' THEN 'CORRECT_WEAR_CAUSE' WHEN 'FIX_MATCH' THEN 'CORRECT_MISMATCH' WHEN 'CHANGE_WHEEL' THEN 'REPLACE_WHEEL' WHEN 'FIND_TARGET' THEN 'DERIVE_TARGET' WHEN 'TAKE_LOAD_OFF' THEN 'REDUCE_LOAD' WHEN 'PLACE_TIRE' THEN 'INSTALL_MOVED_TIRE' WHEN 'FIT_PLANNED' THEN 'INSTALL_NEW_TIRE' ELSE work_type END
    WHERE work_type IN ('PUT_RIGHT', 'MEND_WEAR_CAUSE', 'FIX_MATCH', 'CHANGE_WHEEL', 'FIND_TARGET', 'TAKE_LOAD_OFF', 'PLACE_TIRE', 'FIT_PLANNED');
UPDATE visit_entry SET type = CASE type WHEN 'ROAD_BEFORE' THEN 'ROAD_TEST_BEFORE' WHEN 'ROAD_AFTER' THEN 'ROAD_TEST_AFTER' WHEN 'FLUIDS' THEN 'CLEAN_UP' WHEN 'TOLD' THEN 'NOTIFIED' WHEN 'BOOKED' THEN 'REQUESTED_WORK' ELSE type END
    WHERE type IN ('ROAD_BEFORE', 'ROAD_AFTER', 'FLUIDS', 'TOLD', 'BOOKED');
UPDATE relearn_event SET type = CASE type WHEN 'HEARD' THEN 'CONFIRMED' WHEN 'SILENT' THEN 'NO_RESPONSE' WHEN 'WAY_FAILED' THEN 'ENTRY_FAILED' WHEN 'AIR_OUT' THEN 'AIR_RELEASED' WHEN 'LAMP' THEN 'LAMP_LIT' ELSE type END
    WHERE type IN ('HEARD', 'SILENT', 'WAY_FAILED', 'AIR_OUT', 'LAMP');
UPDATE rotation_plan SET goal = CASE goal WHEN 'AGE_LADDER' THEN 'NEWEST_ON_STEER' WHEN 'OWN' THEN 'CUSTOM' ELSE goal END
    WHERE goal IN ('AGE_LADDER', 'OWN');
UPDATE rotation_move SET method = CASE method WHEN 'TURNED_ON_WHEEL' THEN 'REVERSED_ON_WHEEL' WHEN 'OFF' THEN 'REMOVED' WHEN 'NEW' THEN 'PURCHASED' ELSE method END
    WHERE method IN ('TURNED_ON_WHEEL', 'OFF', 'NEW');
UPDATE step_record SET status = CASE status WHEN 'HANDED' THEN 'HANDED_OVER' ELSE status END
    WHERE status IN ('HANDED');
UPDATE tire_movement SET type = CASE type WHEN 'FITTED' THEN 'INSTALLED' WHEN 'TAKEN_OFF' THEN 'REMOVED' ELSE type END
    WHERE type IN ('FITTED', 'TAKEN_OFF');
UPDATE sensor_event SET type = CASE type WHEN 'FITTED' THEN 'INSTALLED' ELSE type END
    WHERE type IN ('FITTED');
UPDATE walk_around_entry SET findings = trim(replace(replace(replace(replace(replace(',' || findings || ',', ',SAWTOOTH,', ',FEATHERING,'), ',RUNNING_BACKWARDS,', ',INSTALLED_BACKWARD,'), ',STUD_HOLE_WORN,', ',STUD_HOLE_ELONGATED,'), ',RETREAD_SEEN,', ',RETREAD_IDENTIFIED,'), ',RAN_LOW,', ',RUN_FLAT,'), ',') WHERE findings <> '';
UPDATE walk_around_entry SET fixed_findings = trim(replace(replace(replace(replace(replace(',' || fixed_findings || ',', ',SAWTOOTH,', ',FEATHERING,'), ',RUNNING_BACKWARDS,', ',INSTALLED_BACKWARD,'), ',STUD_HOLE_WORN,', ',STUD_HOLE_ELONGATED,'), ',RETREAD_SEEN,', ',RETREAD_IDENTIFIED,'), ',RAN_LOW,', ',RUN_FLAT,'), ',') WHERE fixed_findings <> '';
UPDATE walk_around_entry SET inner_sidewall_findings = trim(replace(replace(replace(replace(replace(',' || inner_sidewall_findings || ',', ',SAWTOOTH,', ',FEATHERING,'), ',RUNNING_BACKWARDS,', ',INSTALLED_BACKWARD,'), ',STUD_HOLE_WORN,', ',STUD_HOLE_ELONGATED,'), ',RETREAD_SEEN,', ',RETREAD_IDENTIFIED,'), ',RAN_LOW,', ',RUN_FLAT,'), ',') WHERE inner_sidewall_findings <> '';
UPDATE rotation_plan SET overridden_rules = trim(replace(replace(replace(replace(replace(replace(replace(replace(replace(replace(replace(replace(' ' || overridden_rules || ' ', ' PRESSURE_NEED ', ' MINIMUM_FOR_LOAD '), ' TREAD_PULL ', ' PULL_POINT '), ' TARGET_VOID ', ' TARGET_OUTDATED '), ' SLIP_CURRENT ', ' WEIGHTS_CURRENT '), ' SLIP_ADDS_UP ', ' SCALE_TICKET_ADDS_UP '), ' IMBALANCE ', ' SIDE_DIFFERENCE '), ' CONTACT_TRIM ', ' CHALK_TEST '), ' WEIGHED ', ' WEIGHED_LOAD '), ' LOSS ', ' PRESSURE_LOSS '), ' PARKED ', ' PARKED_VEHICLE '), ' CHART ', ' CHART_VALID '), ' DIRECTION ', ' DIRECTIONAL '), ' ') WHERE overridden_rules <> '';
UPDATE postponement SET due_item_key = CASE
    WHEN due_item_key = 'PUT_RIGHT' OR due_item_key LIKE 'PUT_RIGHT:%' THEN 'FIX_DEFECT' || substr(due_item_key, 10)
    WHEN due_item_key = 'MEND_WEAR_CAUSE' OR due_item_key LIKE 'MEND_WEAR_CAUSE:%' THEN 'CORRECT_WEAR_CAUSE' || substr(due_item_key, 16)
    WHEN due_item_key = 'FIX_MATCH' OR due_item_key LIKE 'FIX_MATCH:%' THEN 'CORRECT_MISMATCH' || substr(due_item_key, 10)
    WHEN due_item_key = 'CHANGE_WHEEL' OR due_item_key LIKE 'CHANGE_WHEEL:%' THEN 'REPLACE_WHEEL' || substr(due_item_key, 13)
    WHEN due_item_key = 'FIND_TARGET' OR due_item_key LIKE 'FIND_TARGET:%' THEN 'DERIVE_TARGET' || substr(due_item_key, 12)
    WHEN due_item_key = 'TAKE_LOAD_OFF' OR due_item_key LIKE 'TAKE_LOAD_OFF:%' THEN 'REDUCE_LOAD' || substr(due_item_key, 14)
    WHEN due_item_key = 'PLACE_TIRE' OR due_item_key LIKE 'PLACE_TIRE:%' THEN 'INSTALL_MOVED_TIRE' || substr(due_item_key, 11)
    WHEN due_item_key = 'FIT_PLANNED' OR due_item_key LIKE 'FIT_PLANNED:%' THEN 'INSTALL_NEW_TIRE' || substr(due_item_key, 12)
    ELSE due_item_key END;
UPDATE step_record SET step = CASE
    WHEN step = 'GROUND' OR step LIKE 'GROUND:%' THEN 'SECURE_VEHICLE' || substr(step, 7)
    WHEN step = 'SINGLE_PIECE' OR step LIKE 'SINGLE_PIECE:%' THEN 'ONE_PIECE_RIM' || substr(step, 13)
    WHEN step = 'WHEEL_KIND' OR step LIKE 'WHEEL_KIND:%' THEN 'PILOT_TYPE' || substr(step, 11)
    WHEN step = 'SENSOR_IN' OR step LIKE 'SENSOR_IN:%' THEN 'INSTALL_SENSOR' || substr(step, 10)
    WHEN step = 'INDEX' OR step LIKE 'INDEX:%' THEN 'ALIGN_MARKS' || substr(step, 6)
    WHEN step = 'NUTS_BY_HAND' OR step LIKE 'NUTS_BY_HAND:%' THEN 'HAND_START_NUTS' || substr(step, 13)
    WHEN step = 'TREAD_FITTED' OR step LIKE 'TREAD_FITTED:%' THEN 'TREAD_OF_INSTALLED' || substr(step, 13)
    WHEN step = 'DOT_FITTED' OR step LIKE 'DOT_FITTED:%' THEN 'DOT_OF_INSTALLED' || substr(step, 11)
    WHEN step = 'VERDICT' OR step LIKE 'VERDICT:%' THEN 'PROFESSIONAL_VERDICT' || substr(step, 8)
    WHEN step = 'TIDY' OR step LIKE 'TIDY:%' THEN 'CLEAN_UP' || substr(step, 5)
    WHEN step = 'TOLD' OR step LIKE 'TOLD:%' THEN 'NOTIFY' || substr(step, 5)
    WHEN step = 'RECORD' OR step LIKE 'RECORD:%' THEN 'RECORD_WORK' || substr(step, 7)
    WHEN step = 'FIND_CAUSE' OR step LIKE 'FIND_CAUSE:%' THEN 'CORRECT_CAUSE' || substr(step, 11)
    ELSE step END;
UPDATE step_record SET recorded_values = replace(recorded_values, '"verdict":"SOUND"', '"verdict":"SERVICEABLE"');
UPDATE saved_question SET definition = replace(replace(replace(replace(replace(definition, '"MUST_NOT_LEAVE"', '"DO_NOT_OPERATE"'), '"DUAL_PARTNER"', '"DUAL_MATCH"'), '"WHICH_RELEARN"', '"RELEARN_PROCEDURE"'), '"WHERE_IS_THE_PLACARD"', '"PLACARD_LOCATION"'), '"WHAT_MAY_IT_CARRY"', '"CAPACITY_NOW"');
UPDATE shop_setup SET document = replace(replace(replace(replace(replace(document, '"workers":', '"technicians":'), '"readiness":', '"minimums":'), '"keep":', '"minimum":'), '"roads":', '"travelTimes":'), '"why":', '"reason":');

-- What is open is folded anew from the facts at the next start.
DELETE FROM tire_alert;
DELETE FROM tire_groove;
DELETE FROM alert_fold;

CREATE UNIQUE INDEX walk_around_one_open ON walk_around (vehicle_id) WHERE finished_at IS NULL;
CREATE INDEX scale_ticket_of_vehicle ON scale_ticket (vehicle_id, weighed_date);
CREATE INDEX pressure_method_choice_of_vehicle ON pressure_method_choice (vehicle_id);
CREATE INDEX chalk_test_pass_of_vehicle ON chalk_test_pass (vehicle_id, axle);
CREATE INDEX chalk_test_result_of_vehicle ON chalk_test_result (vehicle_id);
CREATE INDEX load_state_setting_of_vehicle ON load_state_setting (vehicle_id);
CREATE INDEX trip_of_vehicle ON trip (vehicle_id);
CREATE INDEX photo_of_walk_around ON photo (walk_around_id, position_id);
CREATE UNIQUE INDEX sensor_position_has_one ON sensor (position_id) WHERE removed_at IS NULL;
CREATE INDEX sensor_event_of_position ON sensor_event (position_id);
CREATE INDEX step_record_of_job ON step_record (job_id);
CREATE INDEX visit_entry_of_job ON visit_entry (job_id);
CREATE INDEX receiving_checklist_of_line ON receiving_checklist (order_line_id);
CREATE INDEX receiving_step_of_checklist ON receiving_step (receiving_checklist_id);
CREATE INDEX postponement_of_vehicle ON postponement (vehicle_id);
CREATE INDEX vehicle_booking_of_vehicle ON vehicle_booking (vehicle_id);

CREATE TRIGGER reading_stays BEFORE UPDATE ON reading BEGIN SELECT RAISE(ABORT, 'readings are never changed'); END;
CREATE TRIGGER reading_remains BEFORE DELETE ON reading BEGIN SELECT RAISE(ABORT, 'readings are never deleted'); END;
CREATE TRIGGER finding_stays BEFORE UPDATE ON finding BEGIN SELECT RAISE(ABORT, 'findings are never changed'); END;
CREATE TRIGGER finding_remains BEFORE DELETE ON finding BEGIN SELECT RAISE(ABORT, 'findings are never deleted'); END;
CREATE TRIGGER finding_clearance_stays BEFORE UPDATE ON finding_clearance BEGIN SELECT RAISE(ABORT, 'clearances are never changed'); END;
CREATE TRIGGER finding_clearance_remains BEFORE DELETE ON finding_clearance BEGIN SELECT RAISE(ABORT, 'clearances are never deleted'); END;
CREATE TRIGGER tire_movement_stays BEFORE UPDATE ON tire_movement BEGIN SELECT RAISE(ABORT, 'movements are never changed'); END;
CREATE TRIGGER tire_movement_remains BEFORE DELETE ON tire_movement BEGIN SELECT RAISE(ABORT, 'movements are never deleted'); END;
CREATE TRIGGER tire_dot_stays BEFORE UPDATE ON tire_dot BEGIN SELECT RAISE(ABORT, 'DOT codes are never changed'); END;
CREATE TRIGGER tire_dot_remains BEFORE DELETE ON tire_dot BEGIN SELECT RAISE(ABORT, 'DOT codes are never deleted'); END;
CREATE TRIGGER odometer_reading_stays BEFORE UPDATE ON odometer_reading BEGIN SELECT RAISE(ABORT, 'odometer readings are never changed'); END;
CREATE TRIGGER odometer_reading_remains BEFORE DELETE ON odometer_reading BEGIN SELECT RAISE(ABORT, 'odometer readings are never deleted'); END;
CREATE TRIGGER professional_inspection_stays BEFORE UPDATE ON professional_inspection BEGIN SELECT RAISE(ABORT, 'verdicts are never changed'); END;
CREATE TRIGGER professional_inspection_remains BEFORE DELETE ON professional_inspection BEGIN SELECT RAISE(ABORT, 'verdicts are never deleted'); END;
CREATE TRIGGER installation_not_from_stock BEFORE INSERT ON installation WHEN EXISTS (SELECT 1 FROM stock WHERE tire_id = NEW.tire_id) BEGIN SELECT RAISE(ABORT, 'a tire is in one place: it is still in stock'); END;
CREATE TRIGGER stock_not_from_vehicle BEFORE INSERT ON stock WHEN EXISTS (SELECT 1 FROM installation WHERE tire_id = NEW.tire_id) BEGIN SELECT RAISE(ABORT, 'a tire is in one place: it is still on a vehicle'); END;
CREATE TRIGGER delivery_stays BEFORE UPDATE ON delivery BEGIN SELECT RAISE(ABORT, 'deliveries are never changed'); END;
CREATE TRIGGER delivery_remains BEFORE DELETE ON delivery BEGIN SELECT RAISE(ABORT, 'deliveries are never deleted'); END;
CREATE TRIGGER search_term_added AFTER INSERT ON search_term BEGIN INSERT INTO search_fts (rowid, term) VALUES (NEW.id, NEW.term); END;
CREATE TRIGGER search_term_gone AFTER DELETE ON search_term BEGIN INSERT INTO search_fts (search_fts, rowid, term) VALUES ('delete', OLD.id, OLD.term); END;
CREATE TRIGGER vehicle_found AFTER INSERT ON vehicle BEGIN INSERT INTO search_term (type, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.unit); INSERT INTO search_term (type, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.description); END;
CREATE TRIGGER vehicle_found_anew AFTER UPDATE OF unit, description ON vehicle BEGIN DELETE FROM search_term WHERE type = 'VEHICLE' AND ref_id = NEW.id; INSERT INTO search_term (type, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.unit); INSERT INTO search_term (type, ref_id, term) VALUES ('VEHICLE', NEW.id, NEW.description); END;
CREATE TRIGGER tire_found AFTER INSERT ON tire WHEN NEW.tire_number IS NOT NULL BEGIN INSERT INTO search_term (type, ref_id, term) VALUES ('TIRE', NEW.id, NEW.tire_number); END;
CREATE TRIGGER tire_found_anew AFTER UPDATE OF tire_number ON tire BEGIN DELETE FROM search_term WHERE type = 'TIRE' AND ref_id = OLD.id AND term = OLD.tire_number; INSERT INTO search_term (type, ref_id, term) SELECT 'TIRE', NEW.id, NEW.tire_number WHERE NEW.tire_number IS NOT NULL; END;
CREATE TRIGGER tire_dot_found AFTER INSERT ON tire_dot WHEN NEW.code <> '' BEGIN INSERT INTO search_term (type, ref_id, term) VALUES ('TIRE', NEW.tire_id, NEW.code); END;
CREATE TRIGGER person_found AFTER INSERT ON person BEGIN INSERT INTO search_term (type, ref_id, term) VALUES ('PERSON', NEW.id, NEW.name); END;
CREATE TRIGGER person_found_anew AFTER UPDATE OF name ON person BEGIN DELETE FROM search_term WHERE type = 'PERSON' AND ref_id = NEW.id; INSERT INTO search_term (type, ref_id, term) VALUES ('PERSON', NEW.id, NEW.name); END;
CREATE TRIGGER scale_ticket_stays BEFORE UPDATE ON scale_ticket BEGIN SELECT RAISE(ABORT, 'slips are never changed'); END;
CREATE TRIGGER scale_ticket_remains BEFORE DELETE ON scale_ticket BEGIN SELECT RAISE(ABORT, 'slips are never deleted'); END;
CREATE TRIGGER scale_ticket_axle_stays BEFORE UPDATE ON scale_ticket_axle BEGIN SELECT RAISE(ABORT, 'slips are never changed'); END;
CREATE TRIGGER scale_ticket_axle_remains BEFORE DELETE ON scale_ticket_axle BEGIN SELECT RAISE(ABORT, 'slips are never deleted'); END;
CREATE TRIGGER vehicle_event_stays BEFORE UPDATE ON vehicle_event BEGIN SELECT RAISE(ABORT, 'events are never changed'); END;
CREATE TRIGGER vehicle_event_remains BEFORE DELETE ON vehicle_event BEGIN SELECT RAISE(ABORT, 'events are never deleted'); END;
CREATE TRIGGER gauge_calibration_stays BEFORE UPDATE ON gauge_calibration BEGIN SELECT RAISE(ABORT, 'calibrations are never changed'); END;
CREATE TRIGGER gauge_calibration_remains BEFORE DELETE ON gauge_calibration BEGIN SELECT RAISE(ABORT, 'calibrations are never deleted'); END;
CREATE TRIGGER odometer_replacement_stays BEFORE UPDATE ON odometer_replacement BEGIN SELECT RAISE(ABORT, 'odometer replacements are never changed'); END;
CREATE TRIGGER odometer_replacement_remains BEFORE DELETE ON odometer_replacement BEGIN SELECT RAISE(ABORT, 'odometer replacements are never deleted'); END;
CREATE TRIGGER sensor_event_stays BEFORE UPDATE ON sensor_event BEGIN SELECT RAISE(ABORT, 'what happened to a sensor is never changed'); END;
CREATE TRIGGER sensor_event_remains BEFORE DELETE ON sensor_event BEGIN SELECT RAISE(ABORT, 'what happened to a sensor is never deleted'); END;
CREATE TRIGGER step_record_stays BEFORE UPDATE ON step_record BEGIN SELECT RAISE(ABORT, 'steps are never changed'); END;
CREATE TRIGGER step_record_remains BEFORE DELETE ON step_record BEGIN SELECT RAISE(ABORT, 'steps are never deleted'); END;
CREATE TRIGGER visit_entry_stays BEFORE UPDATE ON visit_entry BEGIN SELECT RAISE(ABORT, 'a visit''s lines are never changed'); END;
CREATE TRIGGER visit_entry_remains BEFORE DELETE ON visit_entry BEGIN SELECT RAISE(ABORT, 'a visit''s lines are never deleted'); END;
CREATE TRIGGER relearn_event_stays BEFORE UPDATE ON relearn_event BEGIN SELECT RAISE(ABORT, 'what was seen and heard is never changed'); END;
CREATE TRIGGER relearn_event_remains BEFORE DELETE ON relearn_event BEGIN SELECT RAISE(ABORT, 'what was seen and heard is never deleted'); END;
CREATE TRIGGER receiving_checklist_stays BEFORE UPDATE ON receiving_checklist BEGIN SELECT RAISE(ABORT, 'receiving sheets are never changed'); END;
CREATE TRIGGER receiving_checklist_remains BEFORE DELETE ON receiving_checklist BEGIN SELECT RAISE(ABORT, 'receiving sheets are never deleted'); END;
CREATE TRIGGER receiving_step_stays BEFORE UPDATE ON receiving_step BEGIN SELECT RAISE(ABORT, 'receiving sheets are never changed'); END;
CREATE TRIGGER receiving_step_remains BEFORE DELETE ON receiving_step BEGIN SELECT RAISE(ABORT, 'receiving sheets are never deleted'); END;
CREATE TRIGGER reading_in_force_stays BEFORE UPDATE ON reading_in_force BEGIN SELECT RAISE(ABORT, 'what was in force is never changed'); END;
CREATE TRIGGER reading_in_force_remains BEFORE DELETE ON reading_in_force BEGIN SELECT RAISE(ABORT, 'what was in force is never deleted'); END;
CREATE TRIGGER reading_void_stays BEFORE UPDATE ON reading_void BEGIN SELECT RAISE(ABORT, 'voids are never changed'); END;
CREATE TRIGGER reading_void_remains BEFORE DELETE ON reading_void BEGIN SELECT RAISE(ABORT, 'voids are never deleted'); END;
CREATE TRIGGER leak_repair_stays BEFORE UPDATE ON leak_repair BEGIN SELECT RAISE(ABORT, 'repairs are never changed'); END;
CREATE TRIGGER leak_repair_remains BEFORE DELETE ON leak_repair BEGIN SELECT RAISE(ABORT, 'repairs are never deleted'); END;
CREATE TRIGGER report_check_stays BEFORE UPDATE ON report_check BEGIN SELECT RAISE(ABORT, 'what was checked is never changed'); END;
CREATE TRIGGER report_check_remains BEFORE DELETE ON report_check BEGIN SELECT RAISE(ABORT, 'what was checked is never deleted'); END;
CREATE TRIGGER pressure_method_choice_stays BEFORE UPDATE ON pressure_method_choice BEGIN SELECT RAISE(ABORT, 'what was chosen is never changed'); END;
CREATE TRIGGER pressure_method_choice_remains BEFORE DELETE ON pressure_method_choice BEGIN SELECT RAISE(ABORT, 'what was chosen is never deleted'); END;
CREATE TRIGGER chalk_test_pass_stays BEFORE UPDATE ON chalk_test_pass BEGIN SELECT RAISE(ABORT, 'a pass of a trial is never changed'); END;
CREATE TRIGGER chalk_test_pass_remains BEFORE DELETE ON chalk_test_pass BEGIN SELECT RAISE(ABORT, 'a pass of a trial is never deleted'); END;
CREATE TRIGGER chalk_test_result_stays BEFORE UPDATE ON chalk_test_result BEGIN SELECT RAISE(ABORT, 'what a trial came to is never changed'); END;
CREATE TRIGGER chalk_test_result_remains BEFORE DELETE ON chalk_test_result BEGIN SELECT RAISE(ABORT, 'what a trial came to is never deleted'); END;
CREATE TRIGGER warning_threshold_stays BEFORE UPDATE ON warning_threshold BEGIN SELECT RAISE(ABORT, 'what a system is set to is never changed'); END;
CREATE TRIGGER warning_threshold_remains BEFORE DELETE ON warning_threshold BEGIN SELECT RAISE(ABORT, 'what a system is set to is never deleted'); END;
CREATE TRIGGER load_state_setting_stays BEFORE UPDATE ON load_state_setting BEGIN SELECT RAISE(ABORT, 'how a vehicle traveled is never changed'); END;
CREATE TRIGGER load_state_setting_remains BEFORE DELETE ON load_state_setting BEGIN SELECT RAISE(ABORT, 'how a vehicle traveled is never deleted'); END;
CREATE TRIGGER body_change_stays BEFORE UPDATE ON body_change BEGIN SELECT RAISE(ABORT, 'a change of body or equipment is never changed'); END;
CREATE TRIGGER body_change_remains BEFORE DELETE ON body_change BEGIN SELECT RAISE(ABORT, 'a change of body or equipment is never deleted'); END;
CREATE TRIGGER policy_setting_stays BEFORE UPDATE ON policy_setting BEGIN SELECT RAISE(ABORT, 'what was signed is never changed'); END;
CREATE TRIGGER policy_setting_remains BEFORE DELETE ON policy_setting BEGIN SELECT RAISE(ABORT, 'what was signed is never deleted'); END;
CREATE TRIGGER policy_choice_stays BEFORE UPDATE ON policy_choice BEGIN SELECT RAISE(ABORT, 'what was signed is never changed'); END;
CREATE TRIGGER policy_choice_remains BEFORE DELETE ON policy_choice BEGIN SELECT RAISE(ABORT, 'what was signed is never deleted'); END;
CREATE TRIGGER relearn_procedure_stays BEFORE UPDATE ON relearn_procedure BEGIN SELECT RAISE(ABORT, 'a procedure as noted is never changed'); END;
CREATE TRIGGER relearn_procedure_remains BEFORE DELETE ON relearn_procedure BEGIN SELECT RAISE(ABORT, 'a procedure as noted is never deleted'); END;
CREATE TRIGGER sensor_swap_stays BEFORE UPDATE ON sensor_swap BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never changed'); END;
CREATE TRIGGER sensor_swap_remains BEFORE DELETE ON sensor_swap BEGIN SELECT RAISE(ABORT, 'what dash and gauge showed is never deleted'); END;
