package rotagens.server.pressure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
            String stateWords,
            String stateWhy,
            @Nullable LocalDate stateUntil,
            List<TripView> trips,
            @Nullable MethodChoiceView choice,
            boolean light,
            List<AxlePressureView> axles,
            List<LoadStateRow> states,
            List<ScaleTicketView> slips,
            List<String> notes,
            @Nullable RatingMarginView gross,
            @Nullable LocalDate bodyChanged) {}

    public record TripView(
            long id, LoadState state, String words, LocalDate from, LocalDate until, String note, String by) {}

    public record MethodChoiceView(
            PressureMethod school, String words, String reason, String by, LocalDate on, boolean belowPlacard) {}

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
            boolean dual,
            List<String> tires,
            @Nullable String target,
            @Nullable PressureMethod chosen,
            String why,
            ReasonView reason,
            @Nullable String load,
            @Nullable String loadFrom,
            @Nullable String capacity,
            @Nullable String reserve,
            @Nullable String need,
            @Nullable String maximum,
            @Nullable String maximumBy,
            @Nullable String warning,
            @Nullable String chart,
            @Nullable String missing,
            List<MethodResultView> schools,
            List<NoticeView> concerns,
            List<RatingMarginView> margins,
            CurrentCapacityView carry,
            @Nullable PressureLadderView ladder) {}

    public record MethodResultView(
            PressureMethod school,
            String words,
            String rightWhen,
            @Nullable String pressure,
            boolean offered,
            boolean estimate,
            boolean chosen,
            String says,
            String because) {}

    public record NoticeView(Notice.Severity weight, String rule, String says, String because) {}

    public record RatingMarginView(String what, String limit, String carried, String left, boolean over) {}

    /** What the axle may carry at today's pressures. */
    public record CurrentCapacityView(
            @Nullable String most, @Nullable String tightest, String says) {}

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
            List<LadderMethod> flags,
            List<LadderMark> marks,
            List<LadderMark> readings,
            @Nullable LadderLoad load) {}

    /** @param reached the first rung that carries the load */
    public record LadderRung(double psi, String pressure, String load, boolean reached) {}

    public record LadderMethod(
            PressureMethod school, String words, double psi, String pressure, boolean offered, boolean chosen) {}

    /** A limit or a reading at its height; {@code kind} names it for the drawing. */
    public record LadderMark(String kind, String words, double psi, String pressure) {}

    /** Where the load stands on the ladder. */
    public record LadderLoad(double psi, String words) {}

    /** What one load state needs, axle by axle. */
    public record LoadStateRow(
            LoadState state, String words, @Nullable LocalDate weighed, boolean inForce, List<LoadStateCell> axles) {}

    public record LoadStateCell(
            int axle,
            @Nullable String load,
            @Nullable String need,
            @Nullable String target,
            boolean borrowed) {}

    public record ScaleTicketView(
            long id,
            LocalDate on,
            LoadState state,
            String stateWords,
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
            String whole,
            @Nullable String imbalance) {}

    /** One tire's pressure over time. */
    public record PressureLossView(
            String position,
            String name,
            @Nullable String rate,
            boolean leak,
            String says,
            @Nullable LocalDate reachesNeed,
            @Nullable LocalDate nextCheck,
            @Nullable Double target,
            @Nullable Double need,
            @Nullable String targetWords,
            @Nullable String needWords,
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
