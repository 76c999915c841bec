package rotagens.core.policy;

import java.util.List;
import java.util.Optional;

/**
 * The numbers and choices a fleet has set. Where several settings apply the strictest wins; this product's default stands only where the
 * fleet has set nothing, since the fleet's word is above ours.
 */
public record Policy(List<Setting> settings, List<ChosenOption> choices) {

    public Policy(List<Setting> settings) {
        this(settings, List.of());
    }

    /**
     * What a setting holds for; a part that is null holds for all.
     *
     * @param vehicleClass the class of vehicles
     * @param axle what the axle does, in words: <i>steer</i>, <i>drive</i>
     * @param maker the maker of the tire
     */
    public record Scope(String vehicleClass, String axle, String maker) {

        public static final Scope FLEET = new Scope(null, null, null);

        public static Scope ofClass(String vehicleClass) {
            return new Scope(vehicleClass, null, null);
        }

        boolean covers(Scope here) {
            return within(vehicleClass, here.vehicleClass) && within(axle, here.axle) && within(maker, here.maker);
        }

        private static boolean within(String set, String here) {
            return set == null || set.equalsIgnoreCase(here);
        }

        /** For the screen: <i>fleet policy for class Clinic coach, steer axles</i>. */
        public String label() {
            StringBuilder words = new StringBuilder("fleet policy");
            String link = " for ";
            for (String part : new String[] {
                vehicleClass == null ? null : "class " + vehicleClass,
                axle == null ? null : axle + " axles",
                maker == null ? null : maker + " tires"
            }) {
                if (part != null) {
                    words.append(link).append(part);
                    link = ", ";
                }
            }
            return words.toString();
        }
    }

    /**
     * One number as set for a scope.
     *
     * @param setBy words for the screen, for example <i>fleet policy for clinic coaches</i>
     */
    public record Setting(PolicyNumber number, Scope scope, double value, String setBy) {}

    /**
     * One choice as made for a class of vehicles.
     *
     * @param vehicleClass null for the whole fleet
     * @param option its code
     */
    public record ChosenOption(PolicyChoice choice, String vehicleClass, String option) {}

    /** The value in force and whose it is. */
    public record EffectiveSetting(PolicyNumber number, double value, String setBy) {}

    public static final Policy DEFAULTS = new Policy(List.of());

    public Policy {
        settings = List.copyOf(settings);
        choices = List.copyOf(choices);
    }

    private EffectiveSetting inForce(PolicyNumber number, Scope here) {
        EffectiveSetting winner = null;
        for (Setting setting : settings) {
            boolean applies = setting.number() == number && setting.scope().covers(here);
            if (applies && (winner == null || number.stricter(setting.value(), winner.value()))) {
                winner = new EffectiveSetting(number, setting.value(), setting.setBy());
            }
        }
        return winner != null ? winner : new EffectiveSetting(number, number.defaultValue(), "default");
    }

    private PolicyChoice.Option chosen(PolicyChoice choice, String vehicleClass) {
        return choices.stream()
                .filter(one -> one.choice() == choice
                        && (one.vehicleClass() == null || one.vehicleClass().equalsIgnoreCase(vehicleClass)))
                .max(java.util.Comparator.comparing(one -> one.vehicleClass() != null))
                .map(one -> choice.option(one.option()))
                .orElse(choice.defaultValue());
    }

    /** The same policy seen by one class of vehicles. */
    public ClassPolicy of(String vehicleClass) {
        return new ClassPolicy(this, Scope.ofClass(vehicleClass));
    }

    /** A policy with what it is asked for already chosen: a class, and a tire's axle and maker where one tire is judged. */
    public record ClassPolicy(Policy policy, Scope here) {

        /** Narrowed to a tire: what its axle does, or null for a spare, and who made it. */
        public ClassPolicy at(String axle, String maker) {
            return new ClassPolicy(policy, new Scope(here.vehicleClass(), axle, maker));
        }

        /** Why a value can't hold beside the other numbers in force, with the smallest change that cures it. */
        public Optional<String> against(PolicyNumber number, double value) {
            EffectiveSetting overall = inForce(PolicyNumber.OVERALL_AGE);
            return number == PolicyNumber.STEER_AGE && value > overall.value()
                    ? Optional.of("The steer age of " + number.label(value) + " lies over the overall age of "
                            + overall.number().label(overall.value()) + ", set by " + overall.setBy()
                            + ", and would never count. Enter " + number.label(overall.value()) + " or less.")
                    : Optional.empty();
        }

        public double number(PolicyNumber number) {
            return inForce(number).value();
        }

        public int days(PolicyNumber number) {
            return (int) number(number);
        }

        public EffectiveSetting inForce(PolicyNumber number) {
            return policy.inForce(number, here);
        }

        /** What was chosen for the class, else for the fleet, else default. */
        public PolicyChoice.Option chosen(PolicyChoice choice) {
            return policy.chosen(choice, here.vehicleClass());
        }
    }
}
