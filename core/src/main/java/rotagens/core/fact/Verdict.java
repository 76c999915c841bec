package rotagens.core.fact;

/** What may be done with a tire, in rising order of urgency. Not known ranks above fit: unknown is not OK. */
public enum Verdict {
    GOOD("good"),
    UNKNOWN("unknown"),
    WATCH("watch"),
    SERVICE_DUE("service due"),
    DO_NOT_OPERATE("do not operate");

    private final String label;

    Verdict(String words) {
        this.label = words;
    }

    public String label() {
        return label;
    }
}
