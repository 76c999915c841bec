package rotagens.core.shop;

/** Why a job can't stand where it stands. */
public enum ScheduleRule {
    DAY_PAST("Day has passed"),
    PARTS("Parts not there yet"),
    CLOSED("Shop is closed"),
    OPENING("Outside opening hours"),
    EQUIPMENT("Equipment the yard doesn’t have"),
    TWO_PEOPLE("Too few hands"),
    PERSON_HOURS("Not at work then"),
    VEHICLE_AWAY("Vehicle is away"),
    BAY_TAKEN("Bay is taken"),
    PERSON_TAKEN("Person is taken"),
    VEHICLE_TAKEN("Vehicle is in another bay"),
    EQUIPMENT_TAKEN("Equipment is taken"),
    READINESS("Too few in service");

    private final String title;

    ScheduleRule(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
