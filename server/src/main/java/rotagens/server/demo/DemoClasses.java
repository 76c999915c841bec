package rotagens.server.demo;

import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.server.policy.PolicyStore;
import rotagens.server.vehicle.VehicleRegister;

/** The demo's classes of vehicles, each with the age limits its policy sets. */
record DemoClasses(VehicleRegister register, PolicyStore policyStore) {

    void fill() {
        DemoFleet.KINDS.forEach(this::add);
    }

    private void add(DemoFleet.Kind kind) {
        register.vehicleClass(kind.name());
        Policy.Scope scope = Policy.Scope.ofClass(kind.name());
        String setBy = "fleet policy for " + kind.plural();
        policyStore.set(PolicyNumber.OVERALL_AGE, scope, kind.overallYears(), setBy);
        if (kind.steerYears() != null) {
            policyStore.set(PolicyNumber.STEER_AGE, scope, kind.steerYears(), setBy);
        }
        if (kind == DemoFleet.VAN) {
            policyStore.set(PolicyNumber.ROTATION_MONTHS, scope, DemoFleet.VANS_ROTATE_MONTHS, setBy);
        }
    }
}
