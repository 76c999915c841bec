package rotagens.server.facts;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Holds every tire's kept alerts against its ledger folded anew, for a whole data folder; the start fails where they differ. */
@Component
@ConditionalOnProperty("rotagens.check")
class AlertCheck implements SmartInitializingSingleton {

    private static final Logger LOG = LoggerFactory.getLogger(AlertCheck.class);

    private final AlertUpgrade upgrade;
    private final FactLog facts;

    AlertCheck(AlertUpgrade upgrade, FactLog facts) {
        this.upgrade = upgrade;
        this.facts = facts;
    }

    @Override
    public void afterSingletonsInstantiated() {
        // Whichever of the two is called first, an older folder has its alerts before they are looked at.
        upgrade.afterSingletonsInstantiated();
        List<Long> wrong = facts.notAsFolded();
        if (!wrong.isEmpty()) {
            throw new IllegalStateException(
                    wrong.size() + " tires whose stored alerts do not match their history: " + wrong);
        }
        LOG.info("Every tire’s stored alerts match its history");
    }
}
