package rotagens.core.shop;

import java.time.LocalDate;
import java.util.List;

/** Where a job stands in the shop's calendar: a day, a minute of it, a bay of its yard, and who does it. */
public record Placement(ShopJob job, LocalDate day, int start, int bay, List<String> people) {

    public Placement {
        people = List.copyOf(people);
    }

    public int end() {
        return start + job.minutes();
    }

    /** Whether both go on at the same time. */
    public boolean overlaps(Placement other) {
        return day.equals(other.day) && start < other.end() && other.start < end();
    }

    boolean shares(Placement other) {
        for (String name : people) {
            if (other.people.contains(name)) {
                return true;
            }
        }
        return false;
    }
}
