package rotagens.server.machines;

import static rotagens.server.machines.MachinesWords.WORDS;

/** What a machine may send. A token reads nothing. */
public enum TokenScope {
    ODOMETERS(WORDS.say("odometerReadings")),
    PRESSURES(WORDS.say("pressuresOfSensors")),
    SENSOR_ALARMS(WORDS.say("alarmsOfSensors")),
    GAUGE_READINGS(WORDS.say("readingsOfAGauge")),
    SCALE_TICKETS(WORDS.say("ticketsOfAScale"));

    private final String label;

    TokenScope(String label) {
        this.label = label;
    }

    /** For people. */
    public String label() {
        return label;
    }

    /** What access rules ask for. */
    public String authority() {
        return "SCOPE_" + name();
    }
}
