package rotagens.server.today;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;

/** A technician's day. */
@RestController
class TodayController {

    /**
     * The day of one yard.
     *
     * @param yard whose day it is: the one asked for, else the yard the person works at; empty where there is none
     * @param jobs open jobs of today and of days before, done at this yard or by this person; the first is next
     * @param doneToday how many jobs were completed here today
     * @param walkArounds vehicles of this yard with a pressure check or tread inspection due within the week
     * @param doNotOperate vehicles of this yard
     */
    record TodayView(
            LocalDate today,
            @Nullable String yard,
            List<String> yards,
            List<TodayJob> jobs,
            int doneToday,
            List<WalkAroundDue> walkArounds,
            List<StoppedVehicle> doNotOperate) {}

    /**
     * A job of the day.
     *
     * @param day earlier than today where it wasn't done on its day
     * @param mine whether the person asking is on it
     * @param work what and where, a line each
     * @param bring tires, small parts, the torque wrench and equipment
     * @param wrenches where wheels come off: torque wrenches whose check is overdue, in words
     * @param blockedBy what it waits for; empty where nothing
     * @param stopped whether the vehicle must not be operated
     */
    record TodayJob(
            long jobId,
            long vehicleId,
            String unit,
            String description,
            LocalDate day,
            @Nullable String start,
            @Nullable Integer bay,
            List<String> assignees,
            boolean mine,
            int minutes,
            List<String> work,
            List<String> bring,
            List<String> wrenches,
            @Nullable String note,
            @Nullable String blockedBy,
            boolean stopped) {}

    /** A vehicle to walk round: {@code statement} says what is due and how late. */
    record WalkAroundDue(
            long vehicleId,
            String unit,
            int tires,
            LocalDate due,
            long days,
            String statement,
            @Nullable Long openWalkAround) {}

    /** A vehicle that must not be operated, with where and why. */
    record StoppedVehicle(long vehicleId, String unit, String places, String statement) {}

    private final TodayPages pages;

    TodayController(TodayPages pages) {
        this.pages = pages;
    }

    /** The day of a yard: jobs, what to bring, what is waited for. */
    @GetMapping("/api/today")
    TodayView getToday(@RequestParam(defaultValue = "") String yard, @RequestParam(defaultValue = "US") Units units) {
        return pages.of(yard, units);
    }
}
