package rotagens.core.rotation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.rotation.BenchTire.Source;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.core.vehicle.Sensor;
import rotagens.core.vehicle.Vehicle.Wheel;

/**
 * What has to be done to get from today's places to an arrangement, in the order of lifting: tires whose moves hang together
 * have their wheels off at the same time.
 *
 * @param lifts in order
 * @param wheelFrom for each place whose wheel changes, where its wheel comes from
 * @param relearn whether an inside sensor changes its position, so that the dash would name the wrong corner
 */
public record Moves(List<Lift> lifts, Map<Position, Position> wheelFrom, boolean relearn) {

    /** How a tire gets to its place. */
    public enum How {
        WITH_WHEEL("with its wheel"),
        TURNED_ON_WHEEL("with its wheel, turned round on it: the arrow"),
        REMOUNTED("remounted on the wheel there"),
        FROM_STOCK("from stock, mounted"),
        NEW("new, mounted"),
        OFF("comes off");

        private final String words;

        How(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One tire's move; no {@code from} where it comes from stock or is bought, no {@code to} where it comes off. */
    public record Move(BenchTire tire, Optional<Position> from, Optional<Position> to, How how) {}

    /** Wheels that are off together: where to jack, and what moves meanwhile. */
    public record Lift(List<Position> off, List<String> jackAt, List<Move> moves) {}

    /** The way from the vehicle as it stands to an arrangement. */
    public static Moves to(Bench bench, Arrangement arrangement) {
        List<Move> moves = moves(bench, arrangement);
        Map<Position, Position> wheels = wheels(bench, arrangement);
        boolean relearn = wheels.values().stream()
                .anyMatch(from -> bench.sensorAt(from)
                        .filter(sensor -> sensor.mount() == Sensor.Mount.INSIDE)
                        .isPresent());
        return new Moves(lifts(bench, moves), wheels, relearn);
    }

    /** All moves, lift by lift. */
    public List<Move> all() {
        return lifts.stream().flatMap(lift -> lift.moves().stream()).toList();
    }

    private static List<Move> moves(Bench bench, Arrangement arrangement) {
        List<Move> moves = new ArrayList<>();
        for (Position to : bench.positions()) {
            arrangement
                    .at(to)
                    .filter(tire -> bench.changes(tire, to))
                    .ifPresent(tire -> moves.add(new Move(tire, tire.at(), Optional.of(to), how(bench, tire, to))));
        }
        bench.off(arrangement).forEach(tire -> moves.add(new Move(tire, tire.at(), Optional.empty(), How.OFF)));
        return moves;
    }

    private static How how(Bench bench, BenchTire tire, Position to) {
        if (tire.source() != Source.ON_VEHICLE) {
            return tire.toBuy() ? How.NEW : How.FROM_STOCK;
        }
        if (!bench.travelsWithWheel(tire, to)) {
            return How.REMOUNTED;
        }
        return bench.turned(tire, to) ? How.TURNED_ON_WHEEL : How.WITH_WHEEL;
    }

    /** Wheels go with their tires where they may; a place left without takes a like wheel that is free, its own first. */
    private static Map<Position, Position> wheels(Bench bench, Arrangement arrangement) {
        Map<Position, Position> from = new LinkedHashMap<>();
        Set<Position> taken = new HashSet<>();
        List<Position> open = new ArrayList<>();
        for (Position to : bench.positions()) {
            Optional<BenchTire> tire = arrangement.at(to);
            if (tire.isPresent() && bench.travelsWithWheel(tire.get(), to)) {
                from.put(to, tire.get().at().orElseThrow());
                taken.add(tire.get().at().orElseThrow());
            } else if (tire.filter(here -> !bench.changes(here, to)).isPresent()) {
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
            Optional<Wheel> kind = bench.wheelKind(place);
            bench.positions().stream()
                    .filter(free -> !taken.contains(free)
                            && kind.isPresent()
                            && bench.wheelKind(free).equals(kind))
                    .findFirst()
                    .ifPresent(free -> {
                        taken.add(free);
                        from.put(place, free);
                    });
        }
        return from;
    }

    private static List<Lift> lifts(Bench bench, List<Move> moves) {
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
        List<Position> order = bench.positions();
        return together.stream()
                .map(group -> order.stream().filter(group::contains).toList())
                .sorted(java.util.Comparator.comparingInt(group -> order.indexOf(group.get(0))))
                .map(group -> new Lift(
                        group,
                        group.stream()
                                .filter(OnAxle.class::isInstance)
                                .map(OnAxle.class::cast)
                                .map(on -> "axle " + on.axle() + " " + on.side().words())
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
