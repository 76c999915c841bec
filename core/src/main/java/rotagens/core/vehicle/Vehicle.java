package rotagens.core.vehicle;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.tire.TireSize;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What the rules need to know of a vehicle.
 *
 * @param placards by axle from 1
 * @param gawrs by axle from 1, where the plate was read
 * @param wheels by position, where the wheel is on file
 * @param hasWorkingSensors whether working sensors warn of low pressure
 * @param milesPerDay from its odometer readings; empty where there are too few
 * @param parkedSince the day it was parked, if it stands
 * @param isParkedOutdoors whether it is parked in the sun
 * @param sensors by position, where a sensor is on file
 * @param use seats, hire, towing and speed, as far as they are on record
 */
public record Vehicle(
        String unit,
        String vehicleClass,
        VehicleType type,
        Load gvwr,
        AxleLayout layout,
        Map<Integer, Placard> placards,
        Map<Integer, Load> gawrs,
        Map<Position, WheelLimits> wheels,
        boolean hasWorkingSensors,
        OptionalDouble milesPerDay,
        Optional<LocalDate> parkedSince,
        boolean isParkedOutdoors,
        Map<Position, Sensor> sensors,
        Use use) {

    /**
     * Nothing on record about its use.
     *
     * @param unit what the fleet calls it
     * @param vehicleClass the class it is filed under
     * @param kind what the law calls it
     * @param gvwr gross vehicle weight rating
     * @param axleLayout its axles and spares
     * @param placards by axle from 1
     * @param gawrs by axle from 1
     * @param wheelLimits by position
     * @param sensorsWork whether working sensors warn of low pressure
     * @param milesPerDay from its odometer readings
     * @param parkedSince the day it was parked, if it stands
     * @param outdoors whether it is parked in the sun
     * @param sensors by position
     */
    public Vehicle(
            String unit,
            String vehicleClass,
            VehicleType kind,
            Load gvwr,
            AxleLayout axleLayout,
            Map<Integer, Placard> placards,
            Map<Integer, Load> gawrs,
            Map<Position, WheelLimits> wheelLimits,
            boolean sensorsWork,
            OptionalDouble milesPerDay,
            Optional<LocalDate> parkedSince,
            boolean outdoors,
            Map<Position, Sensor> sensors) {
        this(
                unit,
                vehicleClass,
                kind,
                gvwr,
                axleLayout,
                placards,
                gawrs,
                wheelLimits,
                sensorsWork,
                milesPerDay,
                parkedSince,
                outdoors,
                sensors,
                Use.UNKNOWN);
    }

    private static final double LIGHT_UP_TO_LB = 10_000;

    /**
     * The vehicle maker's size and cold pressure for one axle.
     *
     * @param size as printed
     * @param pressure cold
     */
    public record Placard(TireSize size, Pressure pressure) {}

    /**
     * What is known of the wheel at a position.
     *
     * @param pilotType how it is centered
     * @param maximum the highest pressure it holds
     * @param maximumLoad the most it carries
     * @param rimInches nominal rim diameter
     */
    public record WheelLimits(
            Optional<PilotType> pilotType,
            Optional<Pressure> maximum,
            Optional<Load> maximumLoad,
            OptionalDouble rimInches) {

        /**
         * A wheel whose rim nobody has read.
         *
         * @param pilot how it is centered
         * @param maximum the highest pressure it holds
         * @param maximumLoad the most it carries
         */
        public WheelLimits(Optional<PilotType> pilot, Optional<Pressure> maximum, Optional<Load> maximumLoad) {
            this(pilot, maximum, maximumLoad, OptionalDouble.empty());
        }

        /**
         * A wheel of which neither load nor rim was read.
         *
         * @param pilot how it is centered
         * @param maximum the highest pressure it holds
         */
        public WheelLimits(Optional<PilotType> pilot, Optional<Pressure> maximum) {
            this(pilot, maximum, Optional.empty());
        }
    }

    /**
     * Keeps its own copies.
     *
     * @param unit what the fleet calls it
     * @param vehicleClass the class it is filed under
     * @param type what the law calls it
     * @param gvwr gross vehicle weight rating
     * @param layout its axles and spares
     * @param placards by axle from 1
     * @param gawrs by axle from 1
     * @param wheels by position
     * @param hasWorkingSensors whether working sensors warn of low pressure
     * @param milesPerDay from its odometer readings
     * @param parkedSince the day it was parked, if it stands
     * @param isParkedOutdoors whether it is parked in the sun
     * @param sensors by position
     * @param use as far as it is on record
     */
    public Vehicle {
        placards = Map.copyOf(placards);
        gawrs = Map.copyOf(gawrs);
        wheels = Map.copyOf(wheels);
        sensors = Map.copyOf(sensors);
    }

    /**
     * GVWR up to and including 10,000 lb.
     *
     * @return whether the rules of light vehicles hold
     */
    public boolean isLight() {
        return gvwr.lb() <= LIGHT_UP_TO_LB;
    }

    /**
     * Front wheels of buses, trucks and tractors that are commercial motor vehicles: 4/32 in instead of 2/32 (49 CFR 393.75(b),
     * 390.5). Where the rule turns on what nobody has recorded, {@link #commercialUseUnknown()} asks.
     *
     * @param position one of its positions
     * @return whether 4/32 in is the legal limit there
     */
    public boolean hasHeavyFrontRule(Position position) {
        return layout.isSteer(position) && type.hasHeavyFrontRule() && isCommercial();
    }

    /**
     * Over 10,000 lb by its own rating or with what it tows, built for 9 people or more with the driver and run for pay, or for 16
     * or more otherwise (49 CFR 390.5). A bus of which nobody has said so counts as one.
     *
     * @return whether it counts as a commercial motor vehicle here
     */
    public boolean isCommercial() {
        return !isLight()
                || use.combination()
                        .filter(rated -> rated.lb() > LIGHT_UP_TO_LB)
                        .isPresent()
                || use.seats().orElse(0) >= SEATS_WITHOUT_PAY
                || use.seats().orElse(0) >= SEATS_FOR_PAY && use.forPay().orElse(true)
                || type == VehicleType.BUS && use.seats().isEmpty();
    }

    /**
     * Whether what would make a light vehicle a commercial one isn't on record: seats, pay or the weight it tows.
     *
     * @return whether it has to be asked for
     */
    public boolean commercialUseUnknown() {
        return type.hasHeavyFrontRule()
                && !isCommercial()
                && (use.combination().isEmpty() || use.seats().isEmpty() && type.carriesPeople());
    }

    private static final int SEATS_FOR_PAY = 9;
    private static final int SEATS_WITHOUT_PAY = 16;

    /**
     * The placard for a position; a spare must be ready for any axle, so it takes the highest pressure.
     *
     * @param position one of its positions
     * @return empty where the placard wasn’t read
     */
    public Optional<Placard> placardAt(Position position) {
        if (position instanceof OnAxle on) {
            return Optional.ofNullable(placards.get(on.axle()));
        }
        return placards.values().stream()
                .max(java.util.Comparator.comparingDouble(
                        placard -> placard.pressure().psi()));
    }

    /**
     * Passenger tires carry a tenth less on vehicles of these kinds (49 CFR 571.110).
     *
     * @return for every kind but a car
     */
    public boolean deratesPassengerTires() {
        return type != VehicleType.CAR;
    }

    /**
     * Whether any axle has duals.
     *
     * @return whether any end carries two tires
     */
    public boolean hasDuals() {
        return layout.axles().stream().anyMatch(Axle::isDual);
    }

    /**
     * The wheels on file of one axle, left to right.
     *
     * @param axle counted from the front, from 1
     * @return in the order of positions
     */
    public Map<Position, WheelLimits> wheelsOn(int axle) {
        Map<Position, WheelLimits> here = new java.util.LinkedHashMap<>();
        layout.positions().stream()
                .filter(position -> position instanceof OnAxle on && on.axle() == axle && wheels.containsKey(position))
                .forEach(position -> here.put(position, wheels.get(position)));
        return here;
    }

    /**
     * The sensor at a position.
     *
     * @param position one of its positions
     * @return empty where none is on file
     */
    public Optional<Sensor> sensorAt(Position position) {
        return Optional.ofNullable(sensors.get(position));
    }

    /**
     * The wheel at a position.
     *
     * @param position one of its positions
     * @return empty where none is on file
     */
    public Optional<WheelLimits> wheelAt(Position position) {
        return Optional.ofNullable(wheels.get(position));
    }
}
