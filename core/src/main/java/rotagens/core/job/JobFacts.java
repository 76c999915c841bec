package rotagens.core.job;

import java.util.List;
import java.util.Optional;
import rotagens.core.policy.Policy;

/**
 * What a job sheet is put together from.
 *
 * @param light GVWR up to 10,000 lb
 * @param outsideTags positions whose sensors sit outside and come off with the work
 * @param machine the tire changer chosen; empty where none was
 * @param machines all of the shop's, to say which of them fits
 * @param vehicleWork work on the job that concerns no single wheel, in words; empty where there is none
 * @param nitrogen whether the fleet fills with it
 * @param wrenches the shop's torque wrenches in use
 */
public record JobFacts(
        boolean light,
        List<WheelWork> wheels,
        List<String> outsideTags,
        Optional<Machine> machine,
        List<Machine> machines,
        boolean nitrogen,
        Optional<String> vehicleWork,
        Policy.ForClass policy,
        List<Want.Tightening.Wrench> wrenches) {

    public JobFacts {
        wheels = List.copyOf(wheels);
        outsideTags = List.copyOf(outsideTags);
        machines = List.copyOf(machines);
        wrenches = List.copyOf(wrenches);
    }
}
