package rotagens.server.tirepages;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import rotagens.core.alert.AlertKind;
import rotagens.core.tire.DotWeek.Nearness;
import rotagens.server.catalog.Property;
import rotagens.server.fleet.ReasonView;
import rotagens.server.tire.TireStore.StockState;

/** What the tire pages and the stock show and take. Figures taken are text as typed; shown figures are in the reader's units. */
final class TireViews {

    private TireViews() {}

    /** A tire to put on record, in stock at a yard. */
    record NewTireRequest(
            @Nullable Long tireModelId,
            @Nullable String dotCode,
            boolean retread,
            @Nullable String retreadCode,
            @Nullable String number,
            @Nullable String price,
            @Nullable String depth,
            @Nullable String yard,
            @Nullable String shelf,
            @Nullable String note) {}

    /**
     * The tires that are on a vehicle already, as somebody reads them walking round it.
     *
     * @param installedOn since when they are on it; empty where nobody knows
     */
    record TiresOnVehicleRequest(@Nullable LocalDate installedOn, List<TireOnVehicleRequest> tires) {}

    /**
     * One of them.
     *
     * @param dotCode as read, also in part; blank where it wasn’t read
     * @param model maker, model and sidewall line as molded: {@code Corvane Tessaly C2 275/70R22.5 148/145M H}
     * @param retread whether it is one; {@code dotCode} is its casing’s then
     * @param tread the depths of the outer, center and inner groove, or the one of the center groove; blank where not measured
     */
    record TireOnVehicleRequest(
            @Nullable String position,
            @Nullable String dotCode,
            @Nullable Boolean retread,
            @Nullable String model,
            @Nullable String tread) {}

    /** How many tires were put on record on a vehicle, and the models that weren’t in the catalog before. */
    record TiresOnVehicleView(int tires, List<String> newModels, List<String> notes) {}

    /** What was put on record, and what is worth a word about it. */
    record NewTireView(long tireId, List<String> notes) {}

    /** A tire to go to a place on a vehicle. */
    record InstallRequest(
            @Nullable Long vehicleId,
            @Nullable String position,
            @Nullable String odometer,
            @Nullable LocalDate day,
            @Nullable String note,
            @Nullable Boolean confirmed) {}

    /** What fitting would bring: refusals stop it, notes are to be put right there. */
    record InstallCheckView(List<ReasonView> refusals, List<ReasonView> notes) {}

    record MovementView(long tireId, String where, List<ReasonView> notes) {}

    /** A tire to lie somewhere that is on no vehicle; from a vehicle, odometer and depth belong to it. */
    record StoreTireRequest(
            @Nullable StockState to,
            @Nullable String yard,
            @Nullable String shelf,
            @Nullable String reason,
            @Nullable String odometer,
            @Nullable String depth,
            @Nullable LocalDate day,
            @Nullable String note,
            @Nullable Boolean confirmed) {}

    /** Two tires change places. */
    record SwapRequest(
            @Nullable Long vehicleId,
            @Nullable String position,
            @Nullable String odometer,
            @Nullable String otherOdometer,
            @Nullable LocalDate day,
            @Nullable String note,
            @Nullable Boolean confirmed) {}

    /** A casing that came back with a new tread. */
    record RetreadReturnRequest(
            @Nullable Long tireModelId,
            @Nullable String retreadCode,
            @Nullable String depth,
            @Nullable String price,
            @Nullable String yard,
            @Nullable String shelf,
            @Nullable String note) {}

    record CorrectEntryRequest(
            @Nullable String odometer,
            @Nullable LocalDate day,
            @Nullable String note) {}

    record TireNumberRequest(
            @Nullable String number, @Nullable String price) {}

    record ReadDotCodeRequest(@Nullable String dotCode, boolean retreadMark) {}

    /** Where a tire is, in words, with the way there. */
    record TireLocationView(
            String label,
            @Nullable Long vehicleId,
            @Nullable String unit,
            @Nullable String position,
            @Nullable StockState state) {}

    /** One line of the list of tires that are not on a vehicle. */
    record StockRow(
            long tireId,
            @Nullable String number,
            String model,
            String sidewall,
            boolean retread,
            @Nullable String dot,
            @Nullable Double ageYears,
            @Nullable String depth,
            @Nullable String price,
            StockState state,
            @Nullable String yard,
            String shelf,
            Instant since,
            List<String> open) {}

    /** A stay on a vehicle, or a spell in stock; {@code miles} where both odometers are known. */
    record InstallationView(
            @Nullable Long vehicleId,
            String where,
            Instant from,
            @Nullable Instant to,
            @Nullable String odometerOn,
            @Nullable String odometerOff,
            @Nullable String miles) {}

    record TireHistoryEntryView(
            long id,
            Instant at,
            String type,
            @Nullable String where,
            String description,
            String by,
            boolean canBeCorrected,
            @Nullable Long corrects,
            @Nullable Long readingId,
            boolean isVoided) {}

    /** Something that is or was wrong with a tire, with the facts that opened and cleared it. */
    record AlertView(
            AlertKind type,
            String title,
            String statement,
            LocalDate openedOn,
            String openedBy,
            String clearedOnlyBy,
            @Nullable LocalDate clearedOn,
            @Nullable String clearedBy,
            @Nullable String clearedHow) {}

    /** Why a reading is taken back. */
    record VoidReadingRequest(@Nullable String reason) {}

    record TirePageView(
            long id,
            LocalDate today,
            @Nullable String number,
            @Nullable String dot,
            long modelId,
            String model,
            String sidewall,
            boolean retread,
            TireLocationView where,
            @Nullable String price,
            List<Property> facts,
            List<InstallationView> installations,
            @Nullable String miles,
            boolean milesAreComplete,
            @Nullable String costOfDistance,
            @Nullable String costOfTread,
            @Nullable String shareByTread,
            @Nullable String shareByAge,
            List<String> open,
            List<AlertView> alerts,
            @Nullable String gas,
            List<EdgeRow> byEdge,
            List<PhotoOfTire> photos,
            List<TireHistoryEntryView> entries) {}

    /** Tread by the tire's own edges; the edges are null where nobody noted which way the DOT side faced. */
    record EdgeRow(
            Instant at,
            @Nullable String where,
            @Nullable String dotSide,
            @Nullable String center,
            @Nullable String otherSide) {}

    /** A photo taken on a walk-around; its picture is at /api/photos/{id}. */
    record PhotoOfTire(
            long id,
            int width,
            int height,
            Instant at,
            @Nullable String where,
            String by) {}

    record OrderSpecificationItem(String property, @Nullable String value, String from) {}

    /** What to order for a position, with the text to copy. */
    record OrderSpecificationView(
            String unit, String position, String name, List<OrderSpecificationItem> lines, String text) {}

    record DotRow(
            String position,
            String name,
            @Nullable Long tireId,
            @Nullable String number,
            @Nullable String model,
            @Nullable String code,
            @Nullable String dotWeek,
            @Nullable LocalDate weekStart,
            @Nullable Double ageYears,
            @Nullable Double limitYears,
            @Nullable LocalDate limitOn,
            @Nullable Nearness near,
            @Nullable String left,
            @Nullable String note) {}

    /** Week, age and limit of every position of one vehicle. */
    record DotSheetView(
            long vehicleId, String unit, String description, String yard, LocalDate today, List<DotRow> rows) {}
}
