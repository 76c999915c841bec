package rotagens.server.jobsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetStore.StepRecord;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.CornerProofStore;
import rotagens.server.relearn.CornerProofStore.CornerProof;

/** From when on a record made elsewhere counts for a sheet. */
class RecordedFactsTest {

    private static final Instant BEGUN = Instant.parse("2026-11-23T08:00:00Z");
    private static final Instant WHEEL_ON = Instant.parse("2026-11-23T11:00:00Z");

    private final CornerProofStore corners = mock(CornerProofStore.class);
    private final VehicleAssessment vehicle = mock(VehicleAssessment.class, RETURNS_DEEP_STUBS);

    private List<StepRecord> facts(StepRecord... marks) {
        Jobs jobs = mock(Jobs.class);
        when(jobs.plannedAt(anyLong())).thenReturn(BEGUN);
        when(vehicle.state().corners()).thenReturn(Optional.empty());
        when(vehicle.state().facts().scaleTickets()).thenReturn(List.of());
        when(corners.relearn(anyLong(), eq(BEGUN))).thenReturn(Optional.empty());
        when(corners.comparison(anyLong(), eq(BEGUN)))
                .thenReturn(Optional.of(
                        new CornerProof(true, "the same at every corner", BEGUN.plusSeconds(60), 1, "Rafe Halloran")));
        return new RecordedFacts(jobs, corners, mock(VisitEntryStore.class), Clock.fixed(WHEEL_ON, ZoneOffset.UTC))
                .of(7, BEGUN, List.of(marks), vehicle);
    }

    private static StepRecord mark(String step, Status status) {
        return new StepRecord(step, status, Map.of(), "done", WHEEL_ON, 1, "Rafe Halloran");
    }

    @Test
    @DisplayName("dash and gauge compared since the sheet was begun close their step")
    void since() {
        assertThat(facts(mark("CLEAN_WHEEL:1L", Status.DONE)))
                .singleElement()
                .satisfies(record -> assertThat(record.step()).isEqualTo("DASH_AND_GAUGE"));
    }

    @Test
    @DisplayName("compared before a wheel went on, or a sensor in, they say nothing of the corners now")
    void beforeTheWheel() {
        assertThat(facts(mark("HAND_START_NUTS:1L", Status.DONE))).isEmpty();
        assertThat(facts(mark("INSTALL_SENSOR:1L", Status.DONE))).isEmpty();
        assertThat(facts(mark("INSTALL_SENSOR:1L", Status.OUTSIDE))).hasSize(1);
    }
}
