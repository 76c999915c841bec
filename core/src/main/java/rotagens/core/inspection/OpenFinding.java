package rotagens.core.inspection;

import java.time.LocalDate;

/** A finding nobody has cleared yet. It doesn't fade. */
public record OpenFinding(Finding finding, LocalDate on, String by) {}
