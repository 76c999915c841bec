package rotagens.core.vehicle;

/** What an axle does. */
public enum AxleRole {
    STEER,
    DRIVE,
    TAG,
    PUSHER,
    TRAILER;

    public String label() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
