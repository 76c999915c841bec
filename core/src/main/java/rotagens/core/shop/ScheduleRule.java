package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

/** Why a job can't stand where it stands. */
public enum ScheduleRule {
    /** The day has passed. */
    DATE_PASSED(WORDS.say("dayHasPassed")),
    /** A tire or a part comes later. */
    PARTS(WORDS.say("partsNotThereYet")),
    /** The work counts only on certain days. */
    WINDOW(WORDS.say("outsideItsDays")),
    /** A vehicle that must not roll would have to. */
    STOPPED_VEHICLE(WORDS.say("mustNotBeDrivenThere")),
    /** A holiday, or a day of the week nobody works. */
    CLOSED(WORDS.say("shopIsClosed")),
    /** Before the shop opens, or after it closes. */
    OUTSIDE_HOURS(WORDS.say("outsideOpeningHours")),
    /** The yard has none of it. */
    EQUIPMENT(WORDS.say("equipmentTheYardDoesntHave")),
    /** It takes more hands. */
    TOO_FEW_TECHNICIANS(WORDS.say("tooFewTechnicians")),
    /** Somebody isn’t at work there then. */
    TECHNICIAN_HOURS(WORDS.say("notAtWorkThen")),
    /** The vehicle is out. */
    VEHICLE_BOOKED(WORDS.say("vehicleIsAway")),
    /** Another job is in the bay. */
    BAY_OCCUPIED(WORDS.say("bayIsTaken")),
    /** Somebody works on another job. */
    TECHNICIAN_BUSY(WORDS.say("personIsTaken")),
    /** The vehicle stands in another bay. */
    VEHICLE_BUSY(WORDS.say("vehicleIsInAnotherBay")),
    /** Another job uses it. */
    EQUIPMENT_BUSY(WORDS.say("equipmentIsTaken")),
    /** Fewer of the class than asked for would be left in service. */
    MINIMUM_IN_SERVICE(WORDS.say("tooFewInService"));

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
