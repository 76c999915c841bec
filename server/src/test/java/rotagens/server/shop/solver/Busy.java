package rotagens.server.shop.solver;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.TimeRange;

/** A fleet's shops with more to do than fits easily: three yards, one cage each, few hands, tires that come late. */
final class Busy {

    static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private Busy() {}

    static ShopConstraints rules(int vehicles) {
        Set<DayOfWeek> week = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
        TimeRange day = TimeRange.parse("07:00-16:30");
        List<ShopConstraints.Yard> yards = new ArrayList<>();
        List<ShopConstraints.Technician> technicians = new ArrayList<>();
        for (int yard = 0; yard < 3; yard++) {
            Map<DayOfWeek, TimeRange> open = new EnumMap<>(DayOfWeek.class);
            week.forEach(one -> open.put(one, day));
            yards.add(new ShopConstraints.Yard(
                    "Yard " + yard,
                    open,
                    2,
                    Map.of(
                            Equipment.CAGE,
                            1,
                            Equipment.CHANGER,
                            1,
                            Equipment.LARGE_CHANGER,
                            1,
                            Equipment.RACK,
                            1,
                            Equipment.SCALE,
                            1)));
            for (int hand = 0; hand < 3; hand++) {
                technicians.add(new ShopConstraints.Technician(
                        "Hand " + yard + hand,
                        "Yard " + yard,
                        hand == 2 ? EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY) : week,
                        day));
            }
        }
        return new ShopConstraints(
                MONDAY,
                yards,
                technicians,
                List.of(new ShopConstraints.Closure(
                        Optional.empty(), MONDAY.plusDays(25), MONDAY.plusDays(32), "year’s end")),
                List.of(),
                List.of(new ShopConstraints.MinimumInService("Shuttle", vehicles / 3 - 2)),
                Map.of("Shuttle", vehicles / 3, "Coach", vehicles / 3, "Van", vehicles / 3),
                List.of());
    }

    static List<ShopJob> jobs(int count, int vehicles, long seed) {
        Random random = new Random(seed);
        String[] classes = {"Shuttle", "Coach", "Van"};
        List<ShopJob> jobs = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            int vehicle = random.nextInt(vehicles);
            boolean heavy = vehicle % 3 == 1;
            boolean tires = random.nextInt(3) > 0;
            Set<Equipment> needs = tires
                    ? Set.of(heavy ? Equipment.LARGE_CHANGER : Equipment.CHANGER, Equipment.CAGE)
                    : random.nextInt(3) == 0 ? Set.of(Equipment.RACK) : Set.of();
            int due = (int) Math.round(Math.pow(random.nextDouble(), 1.6) * 50);
            boolean stop = random.nextInt(8) == 0;
            jobs.add(new ShopJob(
                    String.format(java.util.Locale.ROOT, "J%03d", at),
                    "V" + vehicle,
                    classes[vehicle % 3],
                    "Yard " + vehicle % 7 % 3,
                    45 + 15 * random.nextInt(13),
                    heavy && tires ? 2 : 1,
                    needs,
                    MONDAY.plusDays(tires ? random.nextInt(12) : 0),
                    Optional.of(rotagens.core.measure.Message.of("tires on order")),
                    MONDAY.plusDays(stop ? 0 : due),
                    stop ? 5 : 1,
                    !stop,
                    0));
        }
        return jobs;
    }
}
