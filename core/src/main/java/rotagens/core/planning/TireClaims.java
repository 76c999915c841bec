package rotagens.core.planning;

import static rotagens.core.planning.PlanningWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import rotagens.core.measure.Message;

/**
 * Which tires are spoken for: one in stock by the work that chose it, one of an order by the work that waits for the order. No tire
 * is promised twice, whether it is still on its way or has just come in. Source: our own rule; a vehicle on stands whose tire went
 * onto another stays on stands.
 *
 * @param claims what open work has chosen, by piece of work
 * @param orders every line of every order
 */
public record TireClaims(Map<Long, Claim> claims, List<Order> orders) {

    /** What a piece of work has chosen: a tire in stock or a line of an order; neither for one that is to be bought. */
    public record Claim(OptionalLong tire, OptionalLong orderLine) {

        /**
         * Work that has chosen a tire of the stock.
         *
         * @param id of the tire
         * @return the claim
         */
        public static Claim ofTire(long id) {
            return new Claim(OptionalLong.of(id), OptionalLong.empty());
        }

        /**
         * Work that waits for a line of an order.
         *
         * @param lineId of the line of the order
         * @return the claim
         */
        public static Claim ofOrder(long lineId) {
            return new Claim(OptionalLong.empty(), OptionalLong.of(lineId));
        }
    }

    /**
     * A line of an order.
     *
     * @param left how many still come
     * @param inStock the tires of it that came and still lie in stock
     */
    public record Order(long lineId, int left, List<Long> inStock) {}

    /**
     * Why a piece of work can't have this tire of the stock; empty where it can.
     *
     * @param tire of the stock
     * @param work the piece of work that wants it; its own claim doesn't stand against it
     * @return in words
     */
    public Optional<Message> tireTaken(long tire, long work) {
        boolean isChosen = others(work).anyMatch(claim -> claim.tire().equals(OptionalLong.of(tire)));
        if (isChosen) {
            return Optional.of(WORDS.message("reservedForOtherWork"));
        }
        return orders.stream()
                .filter(order -> order.inStock().contains(tire) && free(order, work) <= 0)
                .findFirst()
                .map(order -> WORDS.message("cameForOtherWork"));
    }

    /**
     * Why a piece of work can't wait for this order; empty where it can. A line nobody knows has nothing left.
     *
     * @param lineId of the line of the order
     * @param work the piece of work that wants it; its own claim doesn’t stand against it
     * @return in words
     */
    public Optional<Message> orderTaken(long lineId, long work) {
        Optional<Order> line =
                orders.stream().filter(order -> order.lineId() == lineId).findFirst();
        if (line.filter(order -> order.left() + order.inStock().size() > 0).isEmpty()) {
            return Optional.of(WORDS.message("nothingOfThisOrder"));
        }
        return free(line.get(), work) > 0 ? Optional.empty() : Optional.of(WORDS.message("everyTireOfThisOrder"));
    }

    /** Tires of an order nobody else waits for or has taken out of the stock for its own work. */
    private long free(Order order, long work) {
        long untaken = order.inStock().stream()
                .filter(tire -> others(work).noneMatch(claim -> claim.tire().equals(OptionalLong.of(tire))))
                .count();
        long waiting = others(work)
                .filter(claim -> claim.orderLine().equals(OptionalLong.of(order.lineId())))
                .count();
        return order.left() + untaken - waiting;
    }

    private java.util.stream.Stream<Claim> others(long work) {
        return claims.entrySet().stream()
                .filter(entry -> entry.getKey() != work)
                .map(Map.Entry::getValue);
    }
}
