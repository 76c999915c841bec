package rotagens.core.fact;

import static rotagens.core.fact.FactWords.WORDS;

/** What was done about a leak, by name. Looking with soap or a dip tank and finding none counts as one; a fill doesn't. */
public enum Repair {
    /** The core was changed. */
    CORE(WORDS.say("newValveCore")),
    /** Stem or grommet was changed. */
    STEM(WORDS.say("newValveStemOrGrommet")),
    /** The bead was cleaned and seated anew. */
    BEAD(WORDS.say("beadCleanedAndSeatedAnew")),
    /** A puncture was plugged and patched from inside. */
    PUNCTURE(WORDS.say("punctureRepairedFromInside")),
    /** The wheel was repaired or changed. */
    WHEEL(WORDS.say("wheelRepairedOrChanged")),
    /** It was looked for and not found: it is watched by what it holds. */
    NONE_FOUND(WORDS.say("lookedForWithSoap"));

    private final String label;

    Repair(String words) {
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
