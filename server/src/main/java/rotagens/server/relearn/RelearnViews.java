package rotagens.server.relearn;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnGuide;
import rotagens.core.sensor.RelearnProcedure;
import rotagens.core.sensor.SilentSensor;

/** The shapes relearns and dash-against-gauge have on the wire. */
final class RelearnViews {

    private RelearnViews() {}

    /** A vehicle's procedure, or a ready-made one to start from. */
    record ProcedureView(
            String name,
            List<RelearnProcedure.EntryMethod> entryMethods,
            RelearnProcedure.CornerPrompt cornerPrompt,
            RelearnProcedure.Trigger trigger,
            RelearnProcedure.EndSignal end,
            List<String> cornerOrder,
            String note,
            @Nullable String notedBy,
            @Nullable Instant notedAt) {}

    record ProcedureRequest(
            @Nullable String name,
            @Nullable List<RelearnProcedure.EntryMethod> entryMethods,
            RelearnProcedure.@Nullable CornerPrompt cornerPrompt,
            RelearnProcedure.@Nullable Trigger trigger,
            RelearnProcedure.@Nullable EndSignal end,
            @Nullable String cornerOrder,
            @Nullable String note) {}

    /**
     * One corner.
     *
     * @param sensor the ID on file there
     * @param target cold, in the reader's units
     */
    record CornerView(
            String position,
            String name,
            @Nullable String sensor,
            @Nullable String target,
            boolean confirmed,
            boolean lit,
            boolean expected,
            boolean mustInflate,
            @Nullable String gauge,
            @Nullable String dash,
            @Nullable String shows) {}

    record DiagnosisView(SilentSensor.NextStep type, String position, String statement) {}

    record LoggedView(String label, Instant at, String by) {}

    /** A relearn under way. */
    record RelearnGuideView(
            long id,
            RelearnProcedure.Trigger trigger,
            boolean practice,
            RelearnGuide.Stage stage,
            String statement,
            @Nullable String entryMethod,
            List<String> remarks,
            @Nullable DiagnosisView diagnosis,
            boolean canFinish,
            List<CornerView> corners,
            List<LoggedView> log) {}

    record EndedView(Instant startedAt, Instant endedAt, boolean practice, String outcome) {}

    /**
     * What stands of a vehicle's relearns.
     *
     * @param procedure null where nobody has noted it: take a ready-made one
     * @param after why one is due, where it is
     */
    record RelearnView(
            String unit,
            @Nullable ProcedureView procedure,
            List<ProcedureView> templates,
            @Nullable RelearnGuideView open,
            List<EndedView> ended) {}

    record StartRelearnRequest(RelearnProcedure.@Nullable Trigger trigger, boolean practice) {}

    record RelearnEventRequest(
            RelearnEvent.@Nullable Type type,
            @Nullable String position,
            @Nullable String pressure) {}

    record EndRelearnRequest(@Nullable String reason) {}

    /** Readings of the dash and of the gauge, by position. */
    record CompareRequest(
            @Nullable Map<String, String> dash, @Nullable Map<String, String> gauge) {}

    record CornerMatchView(
            String position, String dash, String gauge, String shows, boolean swapped, boolean isAmbiguous) {}

    record DashGaugeComparisonView(
            String statement,
            boolean matches,
            boolean swapped,
            List<CornerMatchView> corners,
            @Nullable String tieBreaker) {}

    /**
     * A dead sensor: one, or all.
     *
     * @param positions every position that gets a new sensor where all are replaced
     * @param allIsCheaper whether replacing all at once costs less over the years
     */
    record SensorReplacementOptionsView(
            String deadSensors,
            List<String> positions,
            boolean allIsCheaper,
            String oneNow,
            String oneInAll,
            String all,
            List<String> lines,
            String cheaper,
            String safer) {}

    /** A driver's report of a lamp at one corner that the gauge doesn't bear out. */
    record WarningLampComparison(LocalDate reported, String corner, String statement) {}
}
