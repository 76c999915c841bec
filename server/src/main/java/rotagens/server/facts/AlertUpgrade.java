package rotagens.server.facts;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import rotagens.server.inspection.Readings;

/** A data folder from before alerts were kept gets them before the first request is answered, by folding its ledger: lost alarms come back. */
@Component
class AlertUpgrade implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(AlertUpgrade.class);

    private final Readings readings;
    private final FactLog facts;

    AlertUpgrade(Readings readings, FactLog facts) {
        this.readings = readings;
        this.facts = facts;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!readings.isFolded()) {
            facts.settle();
            LOG.info("Alerts of every tire folded from the history");
        }
    }
}
