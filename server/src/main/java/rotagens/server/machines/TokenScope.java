package rotagens.server.machines;

/** What a machine may send. A token reads nothing. */
public enum TokenScope {
    ODOMETERS("odometer readings"),
    PRESSURES("pressures of sensors"),
    SENSOR_ALARMS("alarms of sensors"),
    GAUGE_READINGS("readings of a gauge"),
    SCALE_TICKETS("tickets of a scale");

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
