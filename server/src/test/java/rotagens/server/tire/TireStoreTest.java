package rotagens.server.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import rotagens.server.Api;
import rotagens.server.ServerTest;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.web.ProblemException;

@ServerTest
class TireStoreTest {

    private static final Instant AT = Instant.parse("2026-11-22T12:00:00Z");
    private static final Line LINE = Line.of(AT, 1, "", null);

    @Autowired
    TireStore tires;

    @Autowired
    FleetCache fleet;

    @Autowired
    MockMvc http;

    private VehicleAssessment vehicle;

    @BeforeEach
    void vehicle() {
        vehicle = fleet.get(new Api(http).vehicle("SP-03"));
    }

    private InstalledTire at(String position) {
        return vehicle.fitted().entrySet().stream()
                .filter(one -> one.getKey().code().equals(position))
                .findFirst()
                .orElseThrow()
                .getValue();
    }

    @Test
    @DisplayName("a position holds one tire and a tire has one position; whoever comes second is told")
    void one() {
        InstalledTire there = at("1L");
        long other = tires.add(new TireStore.New(there.modelId(), false, Optional.empty(), Optional.empty()));
        assertThatThrownBy(() -> tires.fit(other, there.placeId(), LINE)).isInstanceOf(ProblemException.class);
        assertThatThrownBy(() -> tires.fit(there.tire().id(), at("1R").placeId(), LINE))
                .isInstanceOf(ProblemException.class);
        assertThat(tires.at(there.placeId())).contains(there.tire().id());
    }

    @Test
    @DisplayName("taken off it lies where it was put, in no two places; put back it has been there as long as it had")
    void putBack() {
        InstalledTire there = at("1R");
        long tire = there.tire().id();
        tires.takeOff(there.placeId(), new StockLocation(StockState.RETREAD_CANDIDATE, null, "rack 9"), LINE);
        assertThat(tires.at(there.placeId())).isEmpty();
        assertThat(tires.isInStock(tire)).isFalse();
        tires.putBack(tire, there.placeId(), there.at(), LINE);
        InstalledTire again = tires.fitted(vehicle.id()).get(there.placeId());
        assertThat(again.tire().id()).isEqualTo(tire);
        assertThat(again.at()).isEqualTo(there.at());
        assertThat(tires.ledgerOfTire(tire))
                .extracting(TireStore.Movement::type)
                .contains("REMOVED", "INSTALLED");
    }

    @Test
    @DisplayName("many change places at once, each with a line of its own, and none is lost on the way")
    void rearranged() {
        InstalledTire left = at("2L");
        InstalledTire right = at("2R");
        List<TireStore.Step> crossed = List.of(
                new TireStore.Step(left.tire().id(), left.placeId(), right.placeId()),
                new TireStore.Step(right.tire().id(), right.placeId(), left.placeId()));
        tires.rearrange(crossed, LINE);
        assertThat(tires.at(left.placeId())).contains(right.tire().id());
        assertThat(tires.at(right.placeId())).contains(left.tire().id());
        assertThat(tires.ledgerOfTire(left.tire().id()).get(0).type()).isEqualTo("MOVED");
        tires.swap(left.placeId(), right.placeId(), LINE, null);
        assertThat(tires.at(left.placeId())).contains(left.tire().id());
    }
}
