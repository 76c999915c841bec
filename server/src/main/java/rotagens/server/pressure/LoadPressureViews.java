package rotagens.server.pressure;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.pressure.Concern;
import rotagens.core.pressure.School;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.LoadState;
import rotagens.server.fleet.ReasonView;

/** What the Load & pressure page shows, figures in the reader's units. */
public final class LoadPressureViews {

    private LoadPressureViews() {}

    /** The whole page. */
    public record LoadPressure(
            LocalDate today,
            LoadState state,
            String stateWords,
            String stateWhy,
            @Nullable LocalDate stateUntil,
            List<TripView> trips,
            @Nullable ChoiceView choice,
            boolean light,
            List<AxleSheet> axles,
            List<StateRow> states,
            List<SlipView> slips,
            List<String> notes,
            @Nullable MarginView gross,
            @Nullable LocalDate bodyChanged) {}

    public record TripView(
            long id, LoadState state, String words, LocalDate from, LocalDate until, String note, String by) {}

    public record ChoiceView(
            School school, String words, String reason, String by, LocalDate on, boolean belowPlacard) {}

    /**
     * One axle.
     *
     * @param load what a tire of its heavier end carries; null where it was never weighed
     * @param reserve at the target, in percent
     * @param chart the chart in use; null where the curve is an estimate or missing
     */
    public record AxleSheet(
            int axle,
            AxleRole role,
            boolean dual,
            List<String> tires,
            @Nullable String target,
            @Nullable School chosen,
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
            List<SchoolView> schools,
            List<ConcernView> concerns,
            List<MarginView> margins,
            CarryView carry,
            @Nullable Ladder ladder) {}

    public record SchoolView(
            School school,
            String words,
            String rightWhen,
            @Nullable String pressure,
            boolean offered,
            boolean estimate,
            boolean chosen,
            String says,
            String because) {}

    public record ConcernView(Concern.Weight weight, String rule, String says, String because) {}

    public record MarginView(String what, String limit, String carried, String left, boolean over) {}

    /** What the axle may carry at today's pressures. */
    public record CarryView(@Nullable String most, @Nullable String tightest, String says) {}

    /**
     * The chart drawn as a ladder; everything placed by its psi.
     *
     * @param estimated the rungs come from the formula
     */
    public record Ladder(
            double low,
            double high,
            boolean estimated,
            List<Rung> rungs,
            List<Flag> flags,
            List<Mark> marks,
            List<Mark> readings,
            @Nullable LoadEntry load) {}

    /** @param reached the first rung that carries the load */
    public record Rung(double psi, String pressure, String load, boolean reached) {}

    public record Flag(School school, String words, double psi, String pressure, boolean offered, boolean chosen) {}

    /** A limit or a reading at its height; {@code kind} names it for the drawing. */
    public record Mark(String kind, String words, double psi, String pressure) {}

    /** Where the load stands on the ladder. */
    public record LoadEntry(double psi, String words) {}

    /** What one load state needs, axle by axle. */
    public record StateRow(
            LoadState state, String words, @Nullable LocalDate weighed, boolean inForce, List<StateCell> axles) {}

    public record StateCell(
            int axle,
            @Nullable String load,
            @Nullable String need,
            @Nullable String target,
            boolean borrowed) {}

    public record SlipView(
            long id,
            LocalDate on,
            LoadState state,
            String stateWords,
            String scale,
            String by,
            @Nullable String gross,
            List<SlipAxleView> axles,
            List<String> disagrees,
            String note) {}

    public record SlipAxleView(
            int axle,
            @Nullable String left,
            @Nullable String right,
            String whole,
            @Nullable String imbalance) {}

    /** One tire's pressure over time. */
    public record TireLoss(
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
