package rotagens.core.policy;

import static rotagens.core.policy.PolicyWords.WORDS;

import java.util.List;
import java.util.Optional;

/**
 * The numbers and choices a fleet has set. Where several settings apply the strictest wins; this product's default stands only where the
 * fleet has set nothing, since the fleet's word is above ours.
 *
 * @param settings the numbers that were set, in any order
 * @param choices the choices that were made, in any order
 */
public record Policy(List<Setting> settings, List<ChosenOption> choices) {

    /**
     * A policy of numbers alone: every choice is as it is usual.
     *
     * @param settings the numbers that were set
     */
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

        /** Every vehicle and tire of the fleet. */
        public static final Scope FLEET = new Scope(null, null, null);

        /**
         * One class of vehicles.
         *
         * @param vehicleClass its name
         * @return the scope of every tire on it
         */
        public static Scope ofClass(String vehicleClass) {
            return new Scope(vehicleClass, null, null);
        }

        boolean covers(Scope here) {
            return within(vehicleClass, here.vehicleClass) && within(axle, here.axle) && within(maker, here.maker);
        }

        private static boolean within(String set, String here) {
            return set == null || set.equalsIgnoreCase(here);
        }

        /**
         * For the screen: <i>fleet policy for class Clinic coach, steer axles</i>.
         *
         * @return in lower case, for the middle of a sentence
         */
        public String label() {
            StringBuilder words = new StringBuilder(WORDS.say("fleetPolicy"));
            String link = WORDS.say("for");
            for (String part : new String[] {
                vehicleClass == null ? null : WORDS.say("class", "vehicleClass", vehicleClass),
                axle == null ? null : axle + WORDS.say("axles"),
                maker == null ? null : maker + WORDS.say("tires")
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
     * @param number which number
     * @param scope what it holds for
     * @param value in the number's unit
     * @param setBy words for the screen, for example <i>fleet policy for clinic coaches</i>
     */
    public record Setting(PolicyNumber number, Scope scope, double value, String setBy) {}

    /**
     * One choice as made for a class of vehicles.
     *
     * @param choice what is chosen
     * @param vehicleClass null for the whole fleet
     * @param option its code
     */
    public record ChosenOption(PolicyChoice choice, String vehicleClass, String option) {}

    /**
     * The value in force and whose it is.
     *
     * @param number which number
     * @param value in the number's unit
     * @param setBy words for the screen; <i>default</i> where the fleet has set nothing
     */
    public record EffectiveSetting(PolicyNumber number, double value, String setBy) {}

    /** Where the fleet has set nothing at all. */
    public static final Policy DEFAULTS = new Policy(List.of());

    /**
     * Keeps its own copies.
     *
     * @param settings the numbers that were set
     * @param choices the choices that were made
     */
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

    /**
     * The same policy seen by one class of vehicles.
     *
     * @param vehicleClass its name; case doesn’t count
     * @return what holds for it where no single tire is meant
     */
    public ClassPolicy of(String vehicleClass) {
        return new ClassPolicy(this, Scope.ofClass(vehicleClass));
    }

    /**
     * A policy with what it is asked for already chosen: a class, and a tire's axle and maker where one tire is judged.
     *
     * @param policy the fleet's
     * @param here what it is asked for
     */
    public record ClassPolicy(Policy policy, Scope here) {

        /**
         * Narrowed to a tire: what its axle does, or null for a spare, and who made it.
         *
         * @param axle what its axle does, in words; null for a spare
         * @param maker who made it; null where nobody knows
         * @return what holds for the tire
         */
        public ClassPolicy at(String axle, String maker) {
            return new ClassPolicy(policy, new Scope(here.vehicleClass(), axle, maker));
        }

        /**
         * Why a value can't hold beside the other numbers in force, with the smallest change that cures it.
         *
         * @param number which number is to be set
         * @param value what to, in its unit
         * @return the reason in words; empty where it can hold
         */
        public Optional<String> against(PolicyNumber number, double value) {
            EffectiveSetting overall = inForce(PolicyNumber.OVERALL_AGE);
            return number == PolicyNumber.STEER_AGE && value > overall.value()
                    ? Optional.of(WORDS.say(
                            "steerAgeOfLiesOver",
                            "steer",
                            number.label(value),
                            "overall",
                            overall.number().label(overall.value()),
                            "setBy",
                            overall.setBy(),
                            "most",
                            number.label(overall.value())))
                    : Optional.empty();
        }

        /**
         * The value in force.
         *
         * @param number which one
         * @return in the number’s unit
         */
        public double number(PolicyNumber number) {
            return inForce(number).value();
        }

        /**
         * The value in force of a number that is a whole one.
         *
         * @param number one that counts days, months or years
         * @return in that unit, without a fraction
         */
        public int days(PolicyNumber number) {
            return (int) number(number);
        }

        /**
         * The value in force, and who set it.
         *
         * @param number which one
         * @return the strictest of the settings that cover this scope, else this product’s default
         */
        public EffectiveSetting inForce(PolicyNumber number) {
            return policy.inForce(number, here);
        }

        /**
         * What was chosen for the class, else for the fleet, else default.
         *
         * @param choice which one
         * @return one of its options
         */
        public PolicyChoice.Option chosen(PolicyChoice choice) {
            return policy.chosen(choice, here.vehicleClass());
        }
    }
}
