package rotagens.core.shop;

import java.time.LocalDate;
import java.util.List;

/** Where a job stands in the shop's calendar: a day, a minute of it, a bay of its yard, and who does it. */
public record JobSlot(ShopJob job, LocalDate day, int start, int bay, List<String> assignees) {

    public JobSlot {
        assignees = List.copyOf(assignees);
    }

    public int end() {
        return start + job.minutes();
    }

    /** Whether both go on at the same time. */
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
