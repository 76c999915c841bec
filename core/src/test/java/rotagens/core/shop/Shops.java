package rotagens.core.shop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Units;

/** A small shop to try rules on: one yard, two bays, two people, Monday to Friday from seven to four. */
final class Shops {

    static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    static final Set<DayOfWeek> WEEK = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
    static final TimeRange DAY = TimeRange.parse("07:00-16:00");

    List<ShopConstraints.Closure> closures = List.of();
    List<ShopConstraints.VehicleBooking> away = List.of();
    List<ShopConstraints.MinimumInService> readiness = List.of();
    Map<Equipment, Integer> equipment = Map.of(Equipment.CAGE, 1, Equipment.CHANGER, 2);

    ShopConstraints rules() {
        Map<DayOfWeek, TimeRange> open = new java.util.EnumMap<>(DayOfWeek.class);
        WEEK.forEach(day -> open.put(day, DAY));
        return new ShopConstraints(
                MONDAY,
                List.of(new ShopConstraints.Yard("Millrace", open, 2, equipment)),
                List.of(
                        new ShopConstraints.Technician("Rafe", "Millrace", WEEK, DAY),
                        new ShopConstraints.Technician("Tomas", "Millrace", EnumSet.of(DayOfWeek.MONDAY), DAY)),
                closures,
                away,
                readiness,
                Map.of("Shuttle", 3),
                List.of());
    }

    static ShopJob job(String unit, int minutes) {
        return new ShopJob(
                unit, unit, "Shuttle", "Millrace", minutes, 1, Set.of(), MONDAY, Optional.empty(), MONDAY, 1, true, 0);
    }

    static ShopJob needing(String unit, Equipment... needs) {
        return new ShopJob(
                unit, unit, "Shuttle", "Millrace", 60, 1, Set.of(needs), MONDAY, Optional.empty(), MONDAY, 1, true, 0);
    }

    static JobSlot at(ShopJob job, LocalDate day, String clock, int bay, String... people) {
        String[] parts = clock.split(":");
        return new JobSlot(
                job, day, Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]), bay, List.of(people));
    }

    static List<String> statement(List<ScheduleConflict> clashes) {
        return new ArrayList<>(clashes.stream()
                .map(scheduleConflict -> scheduleConflict.rule() + ": "
                        + scheduleConflict.statement().in(Units.US))
                .toList());
    }
}
