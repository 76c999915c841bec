package rotagens.server.jobtires;

import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.jobtires.ChosenTireStore.Chosen;

/** The tires in stock that open work has chosen: nobody else counts on them. */
@Component
public class ReservedTires {

    private final ChosenTireStore store;

    ReservedTires(ChosenTireStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    public Set<Long> ids() {
        return store.open().values().stream()
                .map(Chosen::tireId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
    }
}
