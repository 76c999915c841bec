package rotagens.server.walkaround;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.fact.Finding;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.WalkAroundScope;
import rotagens.core.wear.TreadInterval;
import rotagens.server.fleet.AssessmentView;

/** The shapes a walk-around has on the wire. */
final class WalkAroundViews {

    private WalkAroundViews() {}

    /**
     * What a person typed at one position, as typed; a bare figure is in the units of the request.
     *
     * @param places depths at several places round the tire, each from the outer to the inner groove; instead of the three
     * @param bound what a wear bar or a coin said where the tread wasn't gauged
     * @param dotFaces which way the full DOT code faces; null where nobody looked
     * @param findings seen now, those of a sidewall on the outer one
     * @param innerFindings seen on the inner sidewall
     * @param putRight open findings put right on the spot
     * @param skipped why this position is left out; then nothing else is entered
     * @param takenAt when it was read, where the device had no network then; null for now
     * @param dotCode as read off a tire whose code isn't on file
     * @param confirmed fields whose unusual figure a person has said is right
     */
    record WalkAroundEntryRequest(
            @Nullable String pressure,
            @Nullable ThermalState thermalState,
            @Nullable String outer,
            @Nullable String center,
            @Nullable String inner,
            @Nullable List<List<String>> locations,
            @Nullable TreadInterval treadInterval,
            @Nullable Facing dotSide,
            @Nullable List<Finding> findings,
            @Nullable List<Finding> innerSidewallFindings,
            @Nullable List<Finding> fixed,
            @Nullable Long pressureGauge,
            @Nullable Long treadGauge,
            @Nullable String skipReason,
            @Nullable Instant takenAt,
            @Nullable String dotCode,
            @Nullable List<String> confirmed) {

        /** Whether a person has said that an unusual figure is right. */
        boolean confirms(String field) {
            return confirmed != null && confirmed.contains(field);
        }

        /** The places measured, without rows that are blank. */
        List<List<String>> placesOrNone() {
            return locations == null
                    ? List.of()
                    : locations.stream()
                            .filter(row -> row.stream().anyMatch(depth -> depth != null && !depth.isBlank()))
                            .toList();
        }

        ThermalState warmthOrUnknown() {
            return thermalState == null ? ThermalState.UNKNOWN : thermalState;
        }

        static List<Finding> orNone(@Nullable List<Finding> findings) {
            return findings == null ? List.of() : findings;
        }
    }

    /** Which way the sidewall with the full DOT code faces. */
    enum Facing {
        OUT,
        IN
    }

    /** What stands saved at one position, each figure as entered. */
    record WalkAroundEntryView(
            int version,
            String by,
            Instant savedAt,
            String pressure,
            ThermalState thermalState,
            String outer,
            String center,
            String inner,
            List<List<String>> locations,
            @Nullable TreadInterval treadInterval,
            @Nullable Facing dotSide,
            List<Finding> findings,
            List<Finding> innerSidewallFindings,
            List<Finding> fixed,
            @Nullable Long pressureGauge,
            @Nullable Long treadGauge,
            String skipReason,
            String dotCode,
            List<String> confirmed) {}

    /**
     * The answer to a save.
     *
     * @param missing what the scope still asks for here; null where nothing is
     */
    record SavedEntryView(
            WalkAroundEntryView entry, @Nullable String missing, AssessmentView assessment) {}

    /** A finding still open from before. */
    record OpenFindingView(Finding finding, String label, LocalDate on, String by, boolean canBeFixedHere) {}

    /**
     * One stop of the walk.
     *
     * @param missing what the scope asks for and isn't entered yet; null where nothing is
     */
    record WalkAroundStopView(
            String position,
            String name,
            @Nullable String tire,
            @Nullable String size,
            @Nullable String dot,
            @Nullable String target,
            String legal,
            String pull,
            @Nullable String lastPressure,
            @Nullable String lastTread,
            @Nullable LocalDate lastOn,
            List<OpenFindingView> open,
            @Nullable WalkAroundEntryView entry,
            @Nullable String missing,
            List<PhotoView> photos,
            Verdict restVerdict,
            AssessmentView assessment,
            Bands bands,
            @Nullable PlausibleValuesView plausible) {}

    /** Between which figures nothing is asked, in the units of the request; null where nothing is asked at that end. */
    record PlausibleValuesView(
            @Nullable Double coldMin,
            @Nullable Double coldMax,
            @Nullable Double hotMin,
            @Nullable Double hotMax,
            @Nullable Double outer,
            @Nullable Double center,
            @Nullable Double inner,
            String last) {}

    /** A photo taken at a position; its picture is at /api/photos/{id}. */
    record PhotoView(long id, int width, int height, Instant at, String by) {}

    /** What a figure would mean here, for a device out of reach of the server. */
    record Bands(
            List<BandView> cold,
            List<BandView> hot,
            List<BandView> tread,
            RestVerdictView rest,
            RestVerdictView untilCold,
            RestVerdictView untilTread) {}

    /**
     * What stands of the verdict before anything is measured.
     *
     * @param says the reason; empty where all is well
     */
    record RestVerdictView(Verdict verdict, String statement) {}

    /**
     * A range of figures that mean the same.
     *
     * @param from its lowest figure, in the units of the request; it reaches up to the next band
     * @param says the rule that speaks and its figure; empty where all is well
     */
    record BandView(double from, Verdict verdict, String statement) {}

    /** How much is to be looked at, as a choice. */
    record WalkAroundScopeView(WalkAroundScope scope, String title, String covers) {}

    /** How a walk-around is started. */
    record StartWalkAroundRequest(@Nullable WalkAroundScope scope) {}

    /**
     * A walk-around, or what is taken along to start one out of reach of the server.
     *
     * @param id 0 while it isn't started
     */
    record WalkAroundView(
            long id,
            long vehicleId,
            WalkAroundScope scope,
            String scopeTitle,
            boolean asksTread,
            String unit,
            String description,
            Instant startedAt,
            String startedBy,
            @Nullable Instant finishedAt,
            @Nullable String lastOdometer,
            LocalDate today,
            List<WalkAroundStopView> positions) {}

    /**
     * Finishing.
     *
     * @param skipped why positions were left out or lack what the scope asks for; needed where any does
     * @param confirmed whether an unusual odometer was said to be right
     */
    record FinishWalkAroundRequest(
            @Nullable String odometer,
            @Nullable String skipReason,
            @Nullable Boolean confirmed) {}

    /** What was written to the history. */
    record FinishedWalkAroundView(long id, int readings, int unread, Verdict verdict) {}

    /** A finding that can be chosen, with where to look for it. */
    record FindingOption(Finding finding, Finding.Area where, String label, Verdict verdict, String explanation) {}
}
