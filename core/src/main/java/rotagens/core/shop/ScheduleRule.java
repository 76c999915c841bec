package rotagens.core.shop;

/** Why a job can't stand where it stands. */
public enum ScheduleRule {
    DATE_PASSED("Day has passed"),
    PARTS("Parts not there yet"),
    WINDOW("Outside its days"),
    STOPPED_VEHICLE("Must not be driven there"),
    CLOSED("Shop is closed"),
    OUTSIDE_HOURS("Outside opening hours"),
    EQUIPMENT("Equipment the yard doesn’t have"),
    TOO_FEW_TECHNICIANS("Too few technicians"),
    TECHNICIAN_HOURS("Not at work then"),
    VEHICLE_BOOKED("Vehicle is away"),
    BAY_OCCUPIED("Bay is taken"),
    TECHNICIAN_BUSY("Person is taken"),
    VEHICLE_BUSY("Vehicle is in another bay"),
    EQUIPMENT_BUSY("Equipment is taken"),
    MINIMUM_IN_SERVICE("Too few in service");

    private final String title;

    ScheduleRule(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
