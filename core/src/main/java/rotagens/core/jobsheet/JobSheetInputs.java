package rotagens.core.jobsheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rotagens.core.measure.Distance;
import rotagens.core.policy.Policy;

/**
 * What a job sheet is put together from.
 *
 * @param light GVWR up to 10,000 lb
 * @param outsideTags positions whose sensors sit outside and come off with the work
 * @param tireChanger the tire changer chosen; empty where none was
 * @param tireChangers all of the shop's, to say which of them fits
 * @param vehicleWork work on the job that concerns no single wheel, in words; empty where there is none
 * @param recordedWork work for the vehicle whose record is made on a page of its own
 * @param nitrogen whether the fleet fills with it
 * @param people who may be the second person of a step
 * @param wrenches the shop's torque wrenches in use
 * @param hasOdometer whether the vehicle has one to read
 * @param lastOdometer what it showed last
 * @param retorque what a re-torque on this job is counted from; empty where the job is none
 */
public record JobSheetInputs(
        boolean light,
        List<WheelJob> wheels,
        List<String> outsideTags,
        Optional<TireChanger> tireChanger,
        List<TireChanger> tireChangers,
        boolean nitrogen,
        Optional<String> vehicleWork,
        Set<RecordedWork> recordedWork,
        Policy.ClassPolicy policy,
        List<String> people,
        List<StepInput.TorqueInput.TorqueWrench> wrenches,
        boolean hasOdometer,
        Optional<Distance> lastOdometer,
        Optional<RetorqueCheck> retorque) {

    /**
     * Keeps copies.
     *
     * @param light GVWR up to 10,000 lb
     * @param wheels each wheel that is worked on
     * @param outsideTags positions whose sensors sit outside and come off with the work
     * @param tireChanger the tire changer chosen; empty where none was
     * @param tireChangers all of the shop's, to say which of them fits
     * @param vehicleWork work on the job that concerns no single wheel, in words; empty where there is none
     * @param recordedWork work for the vehicle whose record is made on a page of its own
     * @param nitrogen whether the fleet fills with it
     * @param policy the numbers in force for this vehicle
     * @param people who may be the second person of a step
     * @param wrenches the shop's torque wrenches in use
     * @param hasOdometer whether the vehicle has one to read
     * @param lastOdometer what it showed last
     * @param retorque what a re-torque on this job is counted from; empty where the job is none
     */
    public JobSheetInputs {
        wheels = List.copyOf(wheels);
        recordedWork = Set.copyOf(recordedWork);
        outsideTags = List.copyOf(outsideTags);
        tireChangers = List.copyOf(tireChangers);
        people = List.copyOf(people);
        wrenches = List.copyOf(wrenches);
    }
}
