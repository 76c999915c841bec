package rotagens.core.policy;

import java.util.List;

/**
 * The numbers a fleet has set. Where several settings apply the strictest wins; this product's default stands only where the
 * fleet has set nothing, since the fleet's word is above ours.
 */
public record Policy(List<Setting> settings) {

    /**
     * One number as set for a scope.
     *
     * @param vehicleClass the class it holds for, or null for the whole fleet
     * @param setBy words for the screen, for example <i>fleet policy for clinic coaches</i>
     */
    public record Setting(PolicyNumber number, String vehicleClass, double value, String setBy) {}

    /** The value in force and whose it is. */
    public record InForce(PolicyNumber number, double value, String setBy) {}

    public static final Policy DEFAULTS = new Policy(List.of());

    public Policy {
        settings = List.copyOf(settings);
    }

    /** The number in force for vehicles of a class. */
    public InForce inForce(PolicyNumber number, String vehicleClass) {
        InForce winner = null;
        for (Setting setting : settings) {
            boolean applies = setting.number() == number
                    && (setting.vehicleClass() == null || setting.vehicleClass().equals(vehicleClass));
            if (applies && (winner == null || number.stricter(setting.value(), winner.value()))) {
                winner = new InForce(number, setting.value(), setting.setBy());
            }
        }
        return winner != null ? winner : new InForce(number, number.byDefault(), "our default");
    }

    /** The same policy seen by one class of vehicles. */
    public ForClass of(String vehicleClass) {
        return new ForClass(this, vehicleClass);
    }

    /** A policy with the class of the vehicle at hand already chosen. */
    public record ForClass(Policy policy, String vehicleClass) {

        public double number(PolicyNumber number) {
            return inForce(number).value();
        }

        public int days(PolicyNumber number) {
            return (int) number(number);
        }

        public InForce inForce(PolicyNumber number) {
            return policy.inForce(number, vehicleClass);
        }
    }
}
