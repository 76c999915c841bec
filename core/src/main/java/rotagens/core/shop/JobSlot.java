package rotagens.core.shop;

import java.time.LocalDate;
import java.util.List;

/**
 * Where a job stands in the shop's calendar: a day, a minute of it, a bay of its yard, and who does it.
 *
 * @param job what is done
 * @param day the day it is done on
 * @param start minutes from midnight
 * @param bay of its yard, from 1
 * @param assignees who does it
 */
public record JobSlot(ShopJob job, LocalDate day, int start, int bay, List<String> assignees) {

    /**
     * Keeps its own copy.
     *
     * @param job what is done
     * @param day the day it is done on
     * @param start minutes from midnight
     * @param bay of its yard
     * @param assignees who does it
     */
    public JobSlot {
        assignees = List.copyOf(assignees);
    }

    /**
     * When it is done.
     *
     * @return minutes from midnight
     */
    public int end() {
        return start + job.minutes();
    }

    /**
     * Whether both go on at the same time.
     *
     * @param other another job’s place
     * @return false where one begins as the other ends
     */
    public boolean overlaps(JobSlot other) {
        return day.equals(other.day) && start < other.end() && other.start < end();
    }

    boolean shares(JobSlot other) {
        for (String name : assignees) {
            if (other.assignees.contains(name)) {
                return true;
            }
        }
        return false;
    }
}
