package rotagens.core.fact;

import static rotagens.core.fact.FactWords.WORDS;

/** What may be done with a tire, in rising order of urgency. Not known ranks above fit: unknown is not OK. */
public enum Verdict {
    /** Nothing is known against it, and what is to be known is known. */
    GOOD(WORDS.say("good")),
    /** Something isn’t known, or was read too long ago. */
    UNKNOWN(WORDS.say("unknown")),
    /** Looked at again soon; may be driven. */
    WATCH(WORDS.say("watch")),
    /** Work is due; may be driven to it. */
    SERVICE_DUE(WORDS.say("serviceDue")),
    /** The vehicle stays where it is until it is put right. */
    DO_NOT_OPERATE(WORDS.say("doNotOperate"));

    private final String label;

    Verdict(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return in lower case
     */
    public String label() {
        return label;
    }
}
