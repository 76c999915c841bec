package rotagens.core.shop;

/** Why a job can't stand where it stands. */
public enum ScheduleRule {
    /** The day has passed. */
    DATE_PASSED("Day has passed"),
    /** A tire or a part comes later. */
    PARTS("Parts not there yet"),
    /** The work counts only on certain days. */
    WINDOW("Outside its days"),
    /** A vehicle that must not roll would have to. */
    STOPPED_VEHICLE("Must not be driven there"),
    /** A holiday, or a day of the week nobody works. */
    CLOSED("Shop is closed"),
    /** Before the shop opens, or after it closes. */
    OUTSIDE_HOURS("Outside opening hours"),
    /** The yard has none of it. */
    EQUIPMENT("Equipment the yard doesn’t have"),
    /** It takes more hands. */
    TOO_FEW_TECHNICIANS("Too few technicians"),
    /** Somebody isn’t at work there then. */
    TECHNICIAN_HOURS("Not at work then"),
    /** The vehicle is out. */
    VEHICLE_BOOKED("Vehicle is away"),
    /** Another job is in the bay. */
    BAY_OCCUPIED("Bay is taken"),
    /** Somebody works on another job. */
    TECHNICIAN_BUSY("Person is taken"),
    /** The vehicle stands in another bay. */
    VEHICLE_BUSY("Vehicle is in another bay"),
    /** Another job uses it. */
    EQUIPMENT_BUSY("Equipment is taken"),
    /** Fewer of the class than asked for would be left in service. */
    MINIMUM_IN_SERVICE("Too few in service");

    private final String title;

    ScheduleRule(String title) {
        this.title = title;
    }

    /**
     * What it is called.
     *
     * @return in a few words
     */
    public String title() {
        return title;
    }
}
