package rotagens.server.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class UnitNamesTest {

    private final UnitNames names =
            new UnitNames(Map.of(1L, "LC-01", 2L, "LC-011", 3L, "LC-0-11", 4L, "\u00c91", 5L, "\u00e91"));

    @Test
    @DisplayName("a unit number is found in either case, and by its letters and digits where only one vehicle has them")
    void found() {
        assertThat(names.named(" lc-01 ")).contains(1L);
        assertThat(names.named("LC 01")).contains(1L);
        assertThat(names.named("lc01")).contains(1L);
        assertThat(names.unit(1)).isEqualTo("LC-01");
    }

    @Test
    @DisplayName("of two vehicles a name may mean none is taken, and nothing is found by signs alone")
    void ambiguous() {
        assertThat(names.named("LC011")).isEmpty();
        assertThat(names.named("LC-011")).as("exactly one of them").contains(2L);
        assertThat(names.named("--")).isEmpty();
    }

    @Test
    @DisplayName("two vehicles that differ in an accented letter\u2019s case stay two")
    void accented() {
        assertThat(names.named("\u00c91")).contains(4L);
        assertThat(names.named("\u00e91")).contains(5L);
    }
}
