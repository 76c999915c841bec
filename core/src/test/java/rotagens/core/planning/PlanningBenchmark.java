package rotagens.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rotagens.core.inspection.Sample;
import rotagens.core.inspection.VehicleState;
import rotagens.core.outlook.OutlookPolicy;
import rotagens.core.outlook.OutlookResult;
import rotagens.core.outlook.OutlookSimulation;
import rotagens.core.outlook.OutlookVehicle;
import rotagens.core.outlook.ReplacementStrategy;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

/** 20,000 tires: what is due worked out anew, after one reading, and the years ahead. Called by ./rotagens bench. */
public final class PlanningBenchmark {

    private static final int VEHICLES = 2_000;
    /** Of eight tires: 20,000 in all. */
    private static final int COACHES = 2_500;

    private static final int READINGS = 12;
    private static final LocalDate TODAY = Sample.TODAY;

    private PlanningBenchmark() {}

    public static void main(String[] args) {
        List<VehicleState> fleet = new ArrayList<>();
        for (int vehicle = 0; vehicle < COACHES; vehicle++) {
            fleet.add(vehicle(vehicle));
        }
        for (int run = 1; run <= 3; run++) {
            long from = System.nanoTime();
            int due = 0;
            for (VehicleState state : fleet) {
                due += DueWorkFinder.on(state, Policy.DEFAULTS, TODAY).size();
            }
            print(
                    "due list of %,d vehicles, %,d tires with %d readings each, worked out anew: %.2f s (%,d lines)",
                    COACHES, COACHES * 8, READINGS, seconds(from), due);
        }
        long from = System.nanoTime();
        int times = 500;
        for (int at = 0; at < times; at++) {
            VehicleState state = fleet.get(at);
            state = state.with(state.at(Position.parse("2LO")).with(Sample.reading(0, 94, 13, 13, 13), List.of()));
            DueWorkFinder.on(state, Policy.DEFAULTS, TODAY);
        }
        print("after one reading, that vehicle worked out anew: %.2f ms", seconds(from) * 1000 / times);
        List<OutlookVehicle> ahead = ahead();
        for (ReplacementStrategy replacementStrategy : ReplacementStrategy.values()) {
            from = System.nanoTime();
            int tires = 0;
            for (OutlookVehicle vehicle : ahead) {
                OutlookResult outlookResult =
                        OutlookSimulation.of(vehicle, replacementStrategy, TODAY, TODAY.plusYears(15));
                tires += outlookResult.tires();
            }
            print(
                    "15 years of %,d vehicles with ten tires, %s: %.2f s (%,d tires)",
                    VEHICLES, replacementStrategy.title().toLowerCase(Locale.ROOT), seconds(from), tires);
        }
    }

    private static VehicleState vehicle(int number) {
        Sample sample = Sample.coach();
        for (String position : new String[] {"1L", "1R", "2LO", "2LI", "2RI", "2RO", "3L", "3R"}) {
            double target = position.startsWith("1") ? 110 : position.startsWith("2") ? 95 : 90;
            var readings = new rotagens.core.fact.Reading[READINGS];
            for (int at = 0; at < READINGS; at++) {
                double depth = 12 + at * 0.25 + number % 4 * 0.25;
                readings[at] = Sample.reading(3 + 28 * at, target - number % 6, depth, depth, depth);
            }
            sample.read(position, readings);
        }
        return sample.state();
    }

    private static List<OutlookVehicle> ahead() {
        List<OutlookVehicle> vehicles = new ArrayList<>();
        String[] positions = {"1L", "1R", "2LO", "2LI", "2RI", "2RO", "3LO", "3LI", "3RI", "3RO"};
        for (int number = 0; number < VEHICLES; number++) {
            List<OutlookVehicle.InstalledTire> installedTires = new ArrayList<>();
            for (int at = 0; at < positions.length; at++) {
                installedTires.add(new OutlookVehicle.InstalledTire(
                        Position.parse(positions[at]),
                        "275/70R22.5",
                        Optional.of(TODAY.minusWeeks((number * 7L + at * 13L) % 300)),
                        Optional.of(6.0 + (number + at) % 12),
                        18,
                        (1 + (number + at) % 5) / 400.0,
                        0.2,
                        3,
                        at < 2,
                        Optional.empty(),
                        45_000));
            }
            vehicles.add(new OutlookVehicle(
                    number,
                    "V" + number,
                    "Coach",
                    "Yard",
                    installedTires,
                    15,
                    25,
                    new OutlookPolicy(8, 4, 12, 4, 0.03, 0.02, 10, 8_500, 9_500)));
        }
        return vehicles;
    }

    private static double seconds(long from) {
        return (System.nanoTime() - from) / 1e9;
    }

    private static void print(String words, Object... figures) {
        System.out.println(String.format(Locale.ROOT, words, figures));
    }
}
