package rotagens.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.Rule;
import rotagens.core.planning.DueWorkFinder;
import rotagens.core.planning.WorkType;
import rotagens.server.ServerTest;
import rotagens.server.fleet.FleetAssessor;
import rotagens.server.fleet.VehicleAssessment;

@ServerTest
class DemoFleetTest {

    @Autowired
    FleetAssessor fleet;

    @Test
    @DisplayName("24 vehicles in three yards, in all five states")
    void size() {
        assertThat(fleet.all()).hasSize(24);
        assertThat(fleet.all()).extracting(one -> one.yard()).containsOnly("Eastbank", "Millrace", "Northgate");
        assertThat(fleet.all()).extracting(VehicleAssessment::verdict).contains(Verdict.values());
    }

    @Test
    @DisplayName("every rule that judges a tire shows somewhere in the demo")
    void everyRuleShows() {
        Set<Rule> shown = fleet.all().stream()
                .flatMap(one -> one.judgements().values().stream())
                .flatMap(assessment -> assessment.reasons().stream())
                .map(verdictReason -> verdictReason.reason().rule())
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Rule.class)));
        // Parking judges the vehicle and shows in the due list; sidewalls, deliveries, slips and charts
        // as they are read, a calibration the gauge; wheel and schedule speak of rotations; the schools are
        // grounds of a target, an imbalance is only said; a wrong rim and a trailer tire are refused before they are
        // on a vehicle;
        // no sensor of the demo has come to another corner; steering and suspension judge the vehicle.
        assertThat(EnumSet.complementOf(EnumSet.copyOf(shown)))
                .containsOnly(
                        Rule.GAUGE_CALIBRATED,
                        Rule.PARKED_VEHICLE,
                        Rule.SIDEWALL_AGREES,
                        Rule.DELIVERY_MATCHES,
                        Rule.DELIVERY_AGE,
                        Rule.WEIGHED_LOAD,
                        Rule.PLACARD_EQUIVALENT,
                        Rule.RATED_LOAD,
                        Rule.CHALK_TEST,
                        Rule.SCALE_TICKET_ADDS_UP,
                        Rule.SIDE_DIFFERENCE,
                        Rule.WHEEL_DATA,
                        Rule.RIM_MATCH,
                        Rule.TRAILER_TIRE,
                        Rule.CORNERS,
                        Rule.SUSPENSION_LIMIT,
                        Rule.ROTATION,
                        Rule.CHART_VALID);
    }

    @Test
    @DisplayName("every kind of work is due somewhere, but recording a missing tire and what a rotation is made of")
    void everyWorkIsDue() {
        Set<WorkType> due = fleet.all().stream()
                .flatMap(one -> DueWorkFinder.on(one.state(), one.policy(), one.today()).stream())
                .map(item -> item.workType())
                .collect(Collectors.toSet());
        assertThat(EnumSet.complementOf(EnumSet.copyOf(due)))
                .containsOnly(
                        WorkType.RECORD_TIRE,
                        WorkType.INSTALL_MOVED_TIRE,
                        WorkType.INSTALL_NEW_TIRE,
                        WorkType.RETORQUE,
                        WorkType.RELEARN,
                        // Measured on the rack in the week that stands around the fleet.
                        WorkType.ALIGN,
                        WorkType.REPAIR_SUSPENSION);
    }
}
