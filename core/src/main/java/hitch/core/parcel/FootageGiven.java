package hitch.core.parcel;

import hitch.core.disclosure.Recipient;
import hitch.core.finding.Weight;

/** What of the recording itself a parcel holds. */
public enum FootageGiven {
    /** Nothing: the film shows what there is to see. */
    NONE("none"),
    /** The footage about each finding of some weight, untouched. */
    FINDINGS("of each finding from " + Weight.TEND.word() + " on, untouched"),
    /** All of its part of the pipe, untouched and without a break. */
    CONTINUOUS("all of its part of the pipe, untouched and without a break");

    /** The least weight of a finding whose footage is given. */
    public static final Weight LEAST = Weight.TEND;

    private final String words;

    FootageGiven(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** A district checks the whole of its part; whoever gets the record plainly checks what was found; others want to know what it means. */
    public static FootageGiven to(Recipient recipient) {
        if (recipient.isPublic()) {
            return CONTINUOUS;
        }
        return recipient.tone() == Recipient.Tone.RECORD ? FINDINGS : NONE;
    }
}
