package rotagens.core.vehicle;

/** What the law calls the vehicle; it decides which tread limit its front wheels have. */
public enum VehicleType {
    BUS,
    TRUCK,
    TRACTOR,
    TRAILER,
    VAN,
    PICKUP,
    SUV,
    CAR;

    /** Whether such vehicles are built to carry people, so that their seats count. */
    public boolean carriesPeople() {
        return this == BUS || this == VAN || this == SUV;
    }

    boolean hasHeavyFrontRule() {
        return this != TRAILER && this != CAR;
    }

    /** Where the vehicle maker puts the placard on this kind of vehicle. */
    public String placardLocation() {
        return switch (this) {
            case BUS -> "near the entrance door or the driver’s seat";
            case TRAILER -> "near the nose, on the left";
            case TRUCK, TRACTOR, VAN, PICKUP, SUV, CAR -> "driver’s door jamb";
        };
    }
}
