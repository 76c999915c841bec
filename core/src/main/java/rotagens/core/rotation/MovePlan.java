package rotagens.core.rotation;

import static rotagens.core.rotation.RotationWords.WORDS;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.rotation.CandidateTire.TireSource;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle.WheelLimits;

/**
 * What has to be done to get from today's places to an arrangement, in the order of lifting: tires whose moves hang together
 * have their wheels off at the same time.
 *
 * @param lifts in order
 * @param wheelFrom for each place whose wheel changes, where its wheel comes from
 * @param relearn whether an inside sensor changes its position, so that the dash would name the wrong corner
 */
public record MovePlan(List<Lift> lifts, Map<Position, Position> wheelFrom, boolean relearn) {

    /** How a tire gets to its place. */
    public enum MoveMethod {
        /** The wheel goes along; nothing is taken off it. */
        WITH_WHEEL(WORDS.say("withItsWheel")),
        /** Off its wheel and on again the other way round, for a tire with a direction. */
        REVERSED_ON_WHEEL(WORDS.say("withItsWheelReversed")),
        /** Off its wheel and onto the one that stays there. */
        REMOUNTED(WORDS.say("remountedOnTheWheelThere")),
        /** Out of stock, onto the wheel there. */
        FROM_STOCK(WORDS.say("fromStockMounted")),
        /** Bought, onto the wheel there. */
        PURCHASED(WORDS.say("newMounted")),
        /** Off the vehicle. */
        REMOVED(WORDS.say("removed"));

        private final String label;

        MoveMethod(String words) {
            this.label = words;
        }

        /**
         * In words, for a line of the job.
         *
         * @return in lower case
         */
        public String label() {
            return label;
        }
    }

    /** One tire's move; no {@code from} where it comes from stock or is bought, no {@code to} where it comes off. */
    public record Move(CandidateTire tire, Optional<Position> from, Optional<Position> to, MoveMethod method) {}

    /** Wheels that are off together: where to jack, and what moves meanwhile. */
    public record Lift(List<Position> off, List<String> jackAt, List<Move> moves) {}

    /**
     * The way from the vehicle as it stands to an arrangement.
     *
     * @param rotationProblem the vehicle, its tires, stock and rules
     * @param arrangement which tire sits where
     * @return the lifts in order, wheels that change places off together
     */
    public static MovePlan to(RotationProblem rotationProblem, Arrangement arrangement) {
        List<Move> moves = moves(rotationProblem, arrangement);
        Map<Position, Position> wheels = wheels(rotationProblem, arrangement);
        boolean relearn = wheels.values().stream()
                .anyMatch(from -> rotationProblem
                        .sensorAt(from)
                        .filter(sensor -> sensor.location() == Sensor.Location.INSIDE)
                        .isPresent());
        return new MovePlan(lifts(rotationProblem, moves), wheels, relearn);
    }

    /**
     * All moves, lift by lift.
     *
     * @return a tire that doesn’t move is not among them
     */
    public List<Move> all() {
        return lifts.stream().flatMap(lift -> lift.moves().stream()).toList();
    }

    private static List<Move> moves(RotationProblem rotationProblem, Arrangement arrangement) {
        List<Move> moves = new ArrayList<>();
        for (Position to : rotationProblem.positions()) {
            arrangement
                    .at(to)
                    .filter(tire -> rotationProblem.changes(tire, to))
                    .ifPresent(tire ->
                            moves.add(new Move(tire, tire.at(), Optional.of(to), how(rotationProblem, tire, to))));
        }
        rotationProblem
                .removedTires(arrangement)
                .forEach(tire -> moves.add(new Move(tire, tire.at(), Optional.empty(), MoveMethod.REMOVED)));
        return moves;
    }

    private static MoveMethod how(RotationProblem rotationProblem, CandidateTire tire, Position to) {
        if (tire.source() != TireSource.ON_VEHICLE) {
            return tire.toBuy() ? MoveMethod.PURCHASED : MoveMethod.FROM_STOCK;
        }
        if (!rotationProblem.travelsWithWheel(tire, to)) {
            return MoveMethod.REMOUNTED;
        }
        return rotationProblem.turned(tire, to) ? MoveMethod.REVERSED_ON_WHEEL : MoveMethod.WITH_WHEEL;
    }

    /** Wheels go with their tires where they may; a place left without takes a like wheel that is free, its own first. */
    private static Map<Position, Position> wheels(RotationProblem rotationProblem, Arrangement arrangement) {
        Map<Position, Position> from = new LinkedHashMap<>();
        Set<Position> taken = new HashSet<>();
        List<Position> open = new ArrayList<>();
        for (Position to : rotationProblem.positions()) {
            Optional<CandidateTire> tire = arrangement.at(to);
            if (tire.isPresent() && rotationProblem.travelsWithWheel(tire.get(), to)) {
                from.put(to, tire.get().at().orElseThrow());
                taken.add(tire.get().at().orElseThrow());
            } else if (tire.filter(here -> !rotationProblem.changes(here, to)).isPresent()) {
                taken.add(to);
            } else {
                open.add(to);
            }
        }
        List<Position> without = new ArrayList<>();
        for (Position place : open) {
            if (!taken.add(place)) {
                without.add(place);
            }
        }
        for (Position place : without) {
            Optional<WheelLimits> kind = rotationProblem.wheelKind(place);
            rotationProblem.positions().stream()
                    .filter(free -> !taken.contains(free)
                            && kind.isPresent()
                            && rotationProblem.wheelKind(free).equals(kind))
                    .findFirst()
                    .ifPresent(free -> {
                        taken.add(free);
                        from.put(place, free);
                    });
        }
        return from;
    }

    private static List<Lift> lifts(RotationProblem rotationProblem, List<Move> moves) {
        List<Set<Position>> together = new ArrayList<>();
        for (Move move : moves) {
            Set<Position> touched = new LinkedHashSet<>();
            move.from().ifPresent(touched::add);
            move.to().ifPresent(touched::add);
            List<Set<Position>> joined = together.stream()
                    .filter(group -> group.stream().anyMatch(touched::contains))
                    .toList();
            Set<Position> all = new LinkedHashSet<>();
            joined.forEach(all::addAll);
            all.addAll(touched);
            together.removeAll(joined);
            together.add(all);
        }
        List<Position> order = rotationProblem.positions();
        return together.stream()
                .map(group -> order.stream().filter(group::contains).toList())
                .sorted(java.util.Comparator.comparingInt(group -> order.indexOf(group.get(0))))
                .map(group -> new Lift(
                        group,
                        group.stream()
                                .filter(OnAxle.class::isInstance)
                                .map(OnAxle.class::cast)
                                .map(on -> WORDS.say(
                                        "axle",
                                        "axle",
                                        on.axle(),
                                        "side",
                                        on.side().label()))
                                .distinct()
                                .toList(),
                        moves.stream()
                                .filter(move -> move.from()
                                                .filter(group::contains)
                                                .isPresent()
                                        || move.to().filter(group::contains).isPresent())
                                .toList()))
                .toList();
    }
}
