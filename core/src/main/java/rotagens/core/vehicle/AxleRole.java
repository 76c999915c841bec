package rotagens.core.vehicle;

/** What an axle does. */
public enum AxleRole {
    /** Turns with the steering wheel. */
    STEER,
    /** Is driven. */
    DRIVE,
    /** Carries, behind the drive axle. */
    TAG,
    /** Carries, before the drive axle. */
    PUSHER,
    /** Of a trailer. */
    TRAILER;

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
