package rotagens.core.vehicle;

/** What the law calls the vehicle; it decides which tread limit its front wheels have. */
public enum VehicleKind {
    BUS,
    TRUCK,
    TRACTOR,
    TRAILER,
    VAN,
    PICKUP,
    CAR;

    boolean hasHeavyFrontRule() {
        return this != TRAILER && this != CAR;
    }
}
