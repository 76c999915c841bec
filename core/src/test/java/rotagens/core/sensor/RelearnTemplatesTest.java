package rotagens.core.sensor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.vehicle.Axle;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.AxleRole;
import rotagens.core.vehicle.Position;

class RelearnTemplatesTest {

    @Test
    @DisplayName("each ready-made procedure asks every place on an axle once, duals too, and never a spare")
    void everyCornerOnce() {
        AxleLayout coach = new AxleLayout(
                List.of(new Axle(AxleRole.STEER, false), new Axle(AxleRole.DRIVE, true), new Axle(AxleRole.TAG, false)),
                2);
        assertThat(RelearnTemplates.on(coach)).hasSize(5).allSatisfy(family -> {
            assertThat(family.cornerOrder())
                    .extracting(Position::code)
                    .containsExactlyInAnyOrder("1L", "1R", "2LO", "2LI", "2RI", "2RO", "3L", "3R");
            assertThat(family.cornersOn(coach)).isEqualTo(family.cornerOrder());
            assertThat(family.cornerOrder().get(0).code())
                    .as("from the front left")
                    .isEqualTo("1L");
        });
    }
}
