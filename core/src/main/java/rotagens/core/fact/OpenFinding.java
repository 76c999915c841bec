package rotagens.core.fact;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A finding nobody has cleared yet. It doesn't fade.
 *
 * @param sidewall which one it was seen on, where that was said
 */
public record OpenFinding(Finding finding, LocalDate on, String by, Optional<Sidewall> sidewall) {

    /**
     * Not on a sidewall, or nobody said on which.
     *
     * @param finding what was found
     * @param on the day it was found
     * @param by who found it
     */
    public OpenFinding(Finding finding, LocalDate on, String by) {
        this(finding, on, by, Optional.empty());
    }

    /**
     * What was found, and on which sidewall.
     *
     * @return begins a sentence
     */
    public String label() {
        return finding.label() + sidewall.map(side -> ", " + side.label()).orElse("");
    }
}
