package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

/** What a shop has one or a few of, and work may need. */
public enum Equipment {
    /** An alignment rack. */
    RACK(WORDS.say("alignmentRack")),
    /** Pads or a platform to weigh on. */
    SCALE(WORDS.say("scale")),
    /** A cage or barrier for inflating tires of trucks and multi-piece wheels. */
    CAGE(WORDS.say("inflationCage")),
    /** Nitrogen to fill with. */
    NITROGEN(WORDS.say("nitrogen")),
    /** A changer for tires over 40 in across. */
    LARGE_CHANGER(WORDS.say("changerForTiresOver40")),
    /** A changer for all others. */
    CHANGER(WORDS.say("tireChanger")),
    /** Something that lifts what is too heavy for two. */
    HOIST(WORDS.say("hoistOrWheelLift"));

    private final String label;

    Equipment(String words) {
        this.label = words;
    }

    /**
     * What it is called.
     *
     * @return for the middle of a sentence
     */
    public String label() {
        return label;
    }
}
