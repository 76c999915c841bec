package rotagens.server.shop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ScheduleRule;

/** The shapes of the shop's calendar on the wire. */
final class ShopViews {

    private ShopViews() {}

    record YardSetup(String name, Map<DayOfWeek, String> open, int bays, Map<Equipment, Integer> equipment) {}

    record TechnicianSetup(String name, String yard, List<DayOfWeek> days, String hours) {}

    record ClosureSetup(@Nullable String yard, LocalDate from, LocalDate to, String reason) {}

    record MinimumInServiceSetup(String vehicleClass, int minimum) {}

    /** What the shops can do; one document, changed as a whole. */
    record ShopSetupRequest(
            List<YardSetup> yards,
            List<TechnicianSetup> technicians,
            List<ClosureSetup> closures,
            List<MinimumInServiceSetup> minimums,
            List<TravelTimeSetup> travelTimes) {

        // A setup kept before there were roads has none.
        public ShopSetupRequest {
            travelTimes = travelTimes == null ? List.of() : List.copyOf(travelTimes);
        }
    }

    /** Minutes from one yard to the other's shop, either way. */
    record TravelTimeSetup(String one, String other, int minutes) {}

    record EquipmentView(Equipment code, String label) {}

    /**
     * @param version names the setup that is shown
     * @param usualTravel minutes between two yards nobody has given a figure for
     */
    record ShopSetupView(
            long version,
            ShopSetupRequest setup,
            int usualTravel,
            List<String> errors,
            List<EquipmentView> equipment,
            List<String> technicians,
            List<String> classes) {}

    record ScheduleConflictView(ScheduleRule rule, String title, String statement) {}

    /** A job where it stands, or on its day without an hour. */
    record JobSlotView(
            long jobId,
            int version,
            long vehicleId,
            String unit,
            String yard,
            LocalDate day,
            @Nullable String start,
            @Nullable String end,
            @Nullable Integer bay,
            List<String> assignees,
            boolean pinned,
            int minutes,
            int techniciansNeeded,
            List<String> requirements,
            List<String> work,
            LocalDate due,
            boolean late,
            @Nullable String blockedBy,
            List<ScheduleConflictView> conflicts) {}

    record DayView(LocalDate day, @Nullable String closed) {}

    record YardScheduleView(String name, int bays, List<String> technicians, List<DayView> days) {}

    record VehicleBookingView(long id, String unit, String from, String to, String reason) {}

    record ScheduleView(
            LocalDate from,
            LocalDate to,
            List<YardScheduleView> yards,
            List<JobSlotView> jobs,
            int conflicts,
            List<VehicleBookingView> bookings) {}

    /** @param yard where it is done; the vehicle's own where nothing is said */
    record SetJobSlotRequest(
            @Nullable String yard,
            @Nullable LocalDate day,
            @Nullable String start,
            @Nullable Integer bay,
            @Nullable List<String> assignees,
            boolean pinned) {}

    record EarlierSlotView(LocalDate day, @Nullable String title, String statement) {}

    record SlotExplanationView(String statement, List<EarlierSlotView> earlier) {}

    /** @param takeDue whether due work without a day is planned too, bundled by vehicle */
    record ProposeScheduleRequest(
            @Nullable Integer weeks, @Nullable Long seed, boolean takeDue) {}

    /** A job as the plan would have it; {@code jobId} is empty where due work becomes a job. */
    record ProposedJob(
            @Nullable Long jobId,
            String unit,
            String yard,
            LocalDate day,
            String start,
            int bay,
            List<String> assignees,
            List<String> work,
            LocalDate due,
            @Nullable String was) {}

    record UnscheduledWork(String unit, List<String> work, String statement) {}

    /** How far a planning run is, and what it has found. */
    record ScheduleProposalView(
            boolean running,
            int done,
            int rounds,
            double seconds,
            long seed,
            @Nullable LocalDate last,
            List<ProposedJob> jobs,
            List<UnscheduledWork> unscheduled,
            long points,
            long daysLate,
            long firstFitPoints,
            long firstFitDaysLate,
            @Nullable String failed) {}

    record AcceptedScheduleView(int jobs, int made) {}

    record VehicleBookingRequest(
            @Nullable String unit,
            @Nullable String from,
            @Nullable String to,
            @Nullable String reason) {}
}
