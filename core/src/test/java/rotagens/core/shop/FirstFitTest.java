package rotagens.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static rotagens.core.shop.Shops.MONDAY;
import static rotagens.core.shop.Shops.at;
import static rotagens.core.shop.Shops.job;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FirstFitTest {

    private static final LocalDate LAST = MONDAY.plusWeeks(3);

    private final Shops shop = new Shops();

    private List<String> days(List<ShopJob> jobs, List<JobSlot> kept, Map<ShopJob, LocalDate> onTheirDay) {
        return FirstFit.around(jobs, kept, onTheirDay, shop.rules(), LAST).placed().stream()
                .map(slot -> slot.job().unit() + " " + slot.day())
                .toList();
    }

    @Test
    @DisplayName("visits spread over days by the hours of the shop, those named first choose first")
    void spread() {
        // Monday has two people for nine hours each; from Tuesday there is one.
        List<ShopJob> jobs = List.of(job("A", 480), job("B", 480), job("C", 480), job("D", 480));
        assertThat(days(jobs, List.of(), Map.of()))
                .containsExactly("A 2026-11-30", "B 2026-11-30", "C 2026-12-01", "D 2026-12-02");
    }

    @Test
    @DisplayName("no visit is proposed for a weekend: Friday full, Monday it is")
    void weekend() {
        shop.closures = List.of(
                new ShopConstraints.Closure(java.util.Optional.empty(), MONDAY, MONDAY.plusDays(3), "stocktaking"));
        assertThat(days(List.of(job("A", 480), job("B", 480)), List.of(), Map.of()))
                .containsExactly("A 2026-12-04", "B 2026-12-07");
    }

    @Test
    @DisplayName("a job that has a day and no hour yet takes its hours on that day")
    void dayWithoutHour() {
        ShopJob waiting = job("W", 480);
        JobSlot there = at(job("T", 480), MONDAY, "07:00", 1, "Tomas");
        assertThat(days(List.of(job("A", 480)), List.of(there), Map.of())).containsExactly("A 2026-11-30");
        assertThat(days(List.of(job("A", 480)), List.of(there), Map.of(waiting, MONDAY)))
                .containsExactly("A 2026-12-01");
    }
}
