package rotagens.core.inspection;

import static rotagens.core.inspection.Sample.TODAY;

import java.util.List;
import rotagens.core.inspection.VehicleEvents.Event;
import rotagens.core.inspection.VehicleEvents.Kind;
import rotagens.core.inspection.VehicleEvents.Report;
import rotagens.core.inspection.VehicleEvents.Symptom;
import rotagens.core.policy.Policy;
import rotagens.core.vehicle.Position;

/** A tire diagnosed by the fleet's defaults, with one thing that happened or was reported so many days ago. */
final class Diagnosed {

    private Diagnosed() {}

    static Diagnosis diagnose(Sample sample, String position, VehicleEvents events) {
        return Diagnosis.of(sample.state(), Position.parse(position), events, Policy.DEFAULTS, TODAY)
                .orElseThrow();
    }

    static VehicleEvents happened(Kind kind, int daysAgo) {
        return new VehicleEvents(List.of(new Event(kind, TODAY.minusDays(daysAgo))), List.of());
    }

    static VehicleEvents reported(Symptom symptom, int daysAgo) {
        return new VehicleEvents(List.of(), List.of(new Report(symptom, TODAY.minusDays(daysAgo))));
    }
}
