package rotagens.server.walkround;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.inspection.Finding;
import rotagens.core.inspection.Verdict;
import rotagens.core.inspection.Warmth;
import rotagens.server.fleet.JudgementView;

/** The shapes a walk-round has on the wire. */
final class WalkRoundViews {

    private WalkRoundViews() {}

    /**
     * What a person typed at one position, as typed; a bare figure is in the units of the request.
     *
     * @param places depths at several places round the tire, each from the outer to the inner groove; instead of the three
     * @param findings seen now
     * @param putRight open findings put right on the spot
     */
    record Input(
            @Nullable String pressure,
            @Nullable Warmth warmth,
            @Nullable String outer,
            @Nullable String center,
            @Nullable String inner,
            @Nullable List<List<String>> places,
            @Nullable List<Finding> findings,
            @Nullable List<Finding> putRight) {

        /** The places measured, without rows that are blank. */
        List<List<String>> placesOrNone() {
            return places == null
                    ? List.of()
                    : places.stream()
                            .filter(row -> row.stream().anyMatch(depth -> depth != null && !depth.isBlank()))
                            .toList();
        }

        List<Finding> findingsOrNone() {
            return findings == null ? List.of() : findings;
        }

        List<Finding> putRightOrNone() {
            return putRight == null ? List.of() : putRight;
        }

        Warmth warmthOrUnknown() {
            return warmth == null ? Warmth.UNKNOWN : warmth;
        }
    }

    /** What stands saved at one position, each figure as entered. */
    record Entry(
            int version,
            String by,
            Instant savedAt,
            String pressure,
            Warmth warmth,
            String outer,
            String center,
            String inner,
            List<List<String>> places,
            List<Finding> findings,
            List<Finding> putRight) {}

    /** The answer to a save. */
    record Saved(Entry entry, JudgementView judgement) {}

    /** A finding still open from before. */
    record Open(Finding finding, String words, LocalDate on, String by, boolean canBePutRightHere) {}

    /** One stop of the walk. */
    record Stop(
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
            List<Open> open,
            @Nullable Entry entry,
            Verdict standing,
            JudgementView judgement) {}

    record WalkRound(
            long id,
            long vehicleId,
            String unit,
            String description,
            Instant startedAt,
            String startedBy,
            @Nullable Instant finishedAt,
            @Nullable String lastOdometer,
            List<Stop> stops) {}

    /**
     * Finishing.
     *
     * @param skipped why positions were left out; needed where any was
     */
    record Finish(@Nullable String odometer, @Nullable String skipped) {}

    /** What was written to the history. */
    record Finished(long id, int readings, int unread, Verdict verdict) {}

    /** A finding that can be chosen, with where to look for it. */
    record Choice(Finding finding, Finding.Where where, String words, Verdict verdict, String because) {}
}
