package rotagens.server.purchasing;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.jobtires.OrderedTires;

/** Says of tires on their way what choosing one for a job needs. */
@Component
class IncomingForJobs implements OrderedTires {

    private final Purchasing purchasing;

    IncomingForJobs(Purchasing purchasing) {
        this.purchasing = purchasing;
    }

    @Override
    @Transactional(readOnly = true)
    public List<OrderedLine> lines() {
        return purchasing.lines();
    }
}
