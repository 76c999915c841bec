package rotagens.server.pressure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.inspection.LossStatement;
import rotagens.core.pressure.Notice;
import rotagens.core.pressure.PressureMethod;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.server.fleet.ReasonView;

/** What the Load & pressure page shows, figures in the reader's units. */
public final class LoadPressureViews {

    private LoadPressureViews() {}

    /** The whole page. */
    public record LoadPressureView(
            LocalDate today,
            LoadState state,
            String stateLabel,
            String stateReason,
            @Nullable LocalDate stateUntil,
            List<TripView> trips,
            @Nullable MethodChoiceView choice,
            boolean isLight,
            List<AxlePressureView> axles,
            List<LoadStateRow> states,
            List<ScaleTicketView> scaleTickets,
            List<String> notes,
            @Nullable RatingMarginView gross,
            @Nullable LocalDate bodyChanged) {}

    public record TripView(
            long id, LoadState state, String label, LocalDate from, LocalDate until, String note, String by) {}

    public record MethodChoiceView(
            PressureMethod method, String label, String reason, String by, LocalDate on, boolean allowsBelowPlacard) {}

    /**
     * One axle.
     *
     * @param load what a tire of its heavier end carries; null where it was never weighed
     * @param reserve at the target, in percent
     * @param chart the chart in use; null where the curve is an estimate or missing
     */
    public record AxlePressureView(
            int axle,
            AxleRole role,
            boolean isDual,
            List<String> tires,
            @Nullable String target,
            @Nullable PressureMethod chosen,
            String choiceReason,
            ReasonView reason,
            @Nullable String load,
            @Nullable String loadFrom,
            @Nullable String capacity,
            @Nullable String reserve,
            @Nullable String minimumForLoad,
            @Nullable String maximum,
            @Nullable String maximumLimitedBy,
            @Nullable String warning,
            @Nullable String chart,
            @Nullable String missing,
            List<MethodResultView> methods,
            List<NoticeView> notices,
            List<RatingMarginView> margins,
            CurrentCapacityView currentCapacity,
            @Nullable PressureLadderView ladder) {}

    public record MethodResultView(
            PressureMethod method,
            String label,
            String useWhen,
            @Nullable String pressure,
            boolean isOffered,
            boolean isEstimate,
            boolean isChosen,
            String statement,
            String explanation) {}

    public record NoticeView(Notice.Severity severity, String rule, String statement, String explanation) {}

    public record RatingMarginView(String rated, String limit, String load, String remaining, boolean isExceeded) {}

    /** What the axle may carry at today's pressures. */
    public record CurrentCapacityView(
            @Nullable String capacity, @Nullable String limitingRating, String statement) {}

    /**
     * The chart drawn as a ladder; everything placed by its psi.
     *
     * @param estimated the rungs come from the formula
     */
    public record PressureLadderView(
            double low,
            double high,
            boolean estimated,
            List<LadderRung> rungs,
            List<LadderMethod> methods,
            List<LadderMark> marks,
            List<LadderMark> readings,
            @Nullable LadderLoad load) {}

    /** @param reached the first rung that carries the load */
    public record LadderRung(double psi, String pressure, String load, boolean reached) {}

    public record LadderMethod(
            PressureMethod method, String label, double psi, String pressure, boolean isOffered, boolean isChosen) {}

    /** A limit or a reading at its height; {@code kind} names it for the drawing. */
    public record LadderMark(String type, String label, double psi, String pressure) {}

    /** Where the load stands on the ladder. */
    public record LadderLoad(double psi, String label) {}

    /** What one load state needs, axle by axle. */
    public record LoadStateRow(
            LoadState state, String label, @Nullable LocalDate weighed, boolean isCurrent, List<LoadStateCell> axles) {}

    public record LoadStateCell(
            int axle,
            @Nullable String load,
            @Nullable String minimumForLoad,
            @Nullable String target,
            boolean isFromOtherLoadState) {}

    public record ScaleTicketView(
            long id,
            LocalDate on,
            LoadState state,
            String stateLabel,
            String scale,
            String by,
            @Nullable String gross,
            List<ScaleTicketAxleView> axles,
            List<String> disagrees,
            String note) {}

    public record ScaleTicketAxleView(
            int axle,
            @Nullable String left,
            @Nullable String right,
            String total,
            @Nullable String sideDifference) {}

    /** One tire's pressure over time. */
    public record PressureLossView(
            String position,
            String name,
            @Nullable String rate,
            LossStatement.Kind kind,
            String statement,
            @Nullable LocalDate reachesMinimum,
            @Nullable LocalDate nextCheck,
            @Nullable Double target,
            @Nullable Double minimumForLoad,
            @Nullable String targetWords,
            @Nullable String minimumForLoadLabel,
            @Nullable String gas,
            List<LossPoint> points) {}

    /** @param corrected at the temperature of the first reading since the fill; null where it can't be told */
    public record LossPoint(
            LocalDate on,
            double psi,
            String pressure,
            @Nullable Double corrected,
            @Nullable String temperature,
            boolean filled,
            boolean cold) {}
}
