package rotagens.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.function.Predicate;
import rotagens.core.measure.Load;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Torque;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.LoadState;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.PlacardLoadBasis;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.VehicleType;
import rotagens.core.vehicle.WheelSpec;
import rotagens.server.demo.DemoFleet.Kind;
import rotagens.server.vehicle.VehicleRegister;

/** What the register is told of a made-up vehicle. */
final class DemoVehicle {

    private static final String LETTERS = "ABCDEFHJKLMNPRTUVWXY123456789";

    private DemoVehicle() {}

    /** @param stud which positions have stud-piloted wheels */
    static VehicleRegister.Entry entry(
            Kind kind, String unit, String yard, Optional<LocalDate> parkedSince, Predicate<Position> stud) {
        List<VehicleRegister.AxleOnFile> axles = new ArrayList<>();
        for (int axle = 1; axle <= kind.axles().size(); axle++) {
            axles.add(new VehicleRegister.AxleOnFile(
                    kind.axles().get(axle - 1),
                    Optional.of(kind.gawr(axle)),
                    Optional.of(kind.tire().size()),
                    Optional.of(Pressure.psi(kind.placardPsi().get(axle - 1)))));
        }
        Map<Position, WheelSpec> wheels = new HashMap<>();
        for (Position position : new AxleLayout(kind.axles(), kind.spares()).positions()) {
            wheels.put(position, wheel(kind, stud.test(position)));
        }
        return new VehicleRegister.Entry(
                unit,
                kind.name(),
                yard,
                kind.type(),
                kind.description(),
                Load.lb(kind.gvwrLb()),
                kind.sensors(),
                kind.type() == VehicleType.TRAILER,
                parkedSince,
                LoadState.NORMAL,
                kind.type().placardLocation(),
                kind == DemoFleet.PICKUP ? PlacardLoadBasis.ORDINARY_LOAD : PlacardLoadBasis.FULL_PAYLOAD,
                axles,
                kind.spares(),
                wheels);
    }

    private static WheelSpec wheel(Kind kind, boolean stud) {
        boolean heavy = kind.gvwrLb() > 10_000;
        boolean coach = kind.tire() == DemoFleet.COACH_TIRE;
        return new WheelSpec(
                heavy ? Optional.of(stud ? PilotType.STUD : PilotType.HUB) : Optional.empty(),
                OptionalDouble.of(kind.tire().size().rimInches()),
                OptionalDouble.of(coach ? 8.25 : heavy ? 6 : 7),
                OptionalInt.of(coach ? 10 : 8),
                heavy ? "flange with washer" : "60° cone",
                false,
                Optional.of(Torque.parse(coach ? "475" : "140", Torque.Unit.FT_LB)),
                coach ? "forged aluminum" : "steel",
                Optional.of(Load.lb(coach ? 7400 : kind == DemoFleet.EQUIPMENT_TRAILER ? 3100 : 3650)),
                Optional.of(Pressure.psi(heavy ? 120 : 80)),
                false,
                heavy ? "metal, clamp-in" : "rubber, snap-in");
    }

    /** The first part of a DOT code, before the week. */
    static String tin(Random scatter) {
        StringBuilder code = new StringBuilder();
        for (int at = 0; at < 8; at++) {
            code.append(LETTERS.charAt(scatter.nextInt(LETTERS.length())));
        }
        return code.toString();
    }
}
