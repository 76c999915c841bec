package rotagens.core.inspection;

import static rotagens.core.inspection.Sample.TODAY;

import java.util.List;
import rotagens.core.inspection.VehicleEvents.DriverReport;
import rotagens.core.inspection.VehicleEvents.Event;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.inspection.VehicleEvents.Type;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

/** A tire diagnosed by the fleet's defaults, with one thing that happened or was reported so many days ago. */
final class Diagnosed {

    private Diagnosed() {}

    static Diagnosis diagnose(Sample sample, String position, VehicleEvents events) {
        return Diagnosis.of(sample.state(), Position.parse(position), events, Policy.DEFAULTS, TODAY)
                .orElseThrow();
    }

    static VehicleEvents happened(Type type, int daysAgo) {
        return new VehicleEvents(List.of(new Event(type, TODAY.minusDays(daysAgo))), List.of());
    }

    static VehicleEvents reported(Symptom symptom, int daysAgo) {
        return new VehicleEvents(List.of(), List.of(new DriverReport(symptom, TODAY.minusDays(daysAgo))));
    }
}
