package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

/** What the law calls the vehicle; it decides which tread limit its front wheels have. */
public enum VehicleType {
    /** Built for more than ten people. */
    BUS,
    /** Carries goods on its own frame. */
    TRUCK,
    /** Pulls a semitrailer. */
    TRACTOR,
    /** Is pulled. */
    TRAILER,
    /** A light van for people or goods. */
    VAN,
    /** A light truck with an open bed. */
    PICKUP,
    /** A light vehicle for people, built on or like a truck. */
    SUV,
    /** A passenger car. */
    CAR;

    /**
     * Whether such vehicles are built to carry people, so that their seats count.
     *
     * @return for a bus, a van and an SUV
     */
    public boolean carriesPeople() {
        return this == BUS || this == VAN || this == SUV;
    }

    boolean hasHeavyFrontRule() {
        return this != TRAILER && this != CAR;
    }

    /**
     * Where the vehicle maker puts the placard on this kind of vehicle.
     *
     * @return for the middle of a sentence
     */
    public String placardLocation() {
        return switch (this) {
            case BUS -> WORDS.say("nearTheEntranceDoor");
            case TRAILER -> WORDS.say("nearTheNose");
            case TRUCK, TRACTOR, VAN, PICKUP, SUV, CAR -> WORDS.say("driversDoorJamb");
        };
    }
}
