package hitch.core.disclosure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A kind of recipient.
 *
 * @param word the word for it on the command line and in file names, lower case, no blanks
 * @param title what it is called
 * @param wants what it wants to know
 * @param part what of the line it may see
 * @param tone how it is told
 * @param people whether it may know who lives there and what lies above ground
 * @param advised whether it is told what to do
 */
public record Recipient(
        String word, String title, String wants, Part part, Tone tone, boolean people, boolean advised) {
    /** What of the line may be seen. */
    public enum Part {
        WHOLE,
        /** From the owner's boundary on, or from the connection to the main where no boundary is known. */
        PUBLIC
    }

    /** How things are told. */
    public enum Tone {
        /** To somebody who lives above the pipe. */
        OWNER,
        /** To somebody who is about to buy it, or to answer for it: how sure, and who else must look. */
        BUYER,
        /** Plain facts. */
        RECORD
    }

    public static final Recipient HOMEOWNER = new Recipient(
            "homeowner",
            "Homeowner",
            "is it working, what does it mean, what to do",
            Part.WHOLE,
            Tone.OWNER,
            true,
            true);
    public static final Recipient BUYER = new Recipient(
            "buyer",
            "Buyer",
            "what is wrong, how sure, who else must look, what is unknown",
            Part.WHOLE,
            Tone.BUYER,
            true,
            true);
    public static final Recipient AGENT = new Recipient(
            "buyers-agent",
            "Buyer's agent",
            "the same as the buyer, with no word of who lives there",
            Part.WHOLE,
            Tone.BUYER,
            false,
            true);
    public static final Recipient DISTRICT = new Recipient(
            "district",
            "District",
            "its own part of the pipe, distances, plain evidence, nothing private",
            Part.PUBLIC,
            Tone.RECORD,
            false,
            false);
    public static final Recipient INSURER = new Recipient(
            "insurer",
            "Insurer",
            "what was seen and where, plainly, with no advice",
            Part.WHOLE,
            Tone.RECORD,
            true,
            false);
    public static final Recipient FIRM =
            new Recipient("firm", "Firm's own file", "all of it, plainly", Part.WHOLE, Tone.RECORD, true, true);

    /** The kinds that come with Hitch, in the order they are offered. */
    public static final List<Recipient> STANDARD = List.of(HOMEOWNER, BUYER, AGENT, DISTRICT, INSURER, FIRM);

    /** The one called {@code word}, in any case; {@code owner} is the homeowner too. */
    public static Optional<Recipient> of(String word) {
        return of(word, STANDARD);
    }

    /** The one of {@code all} called {@code word}. */
    public static Optional<Recipient> of(String word, List<Recipient> all) {
        String sought = word.strip().toLowerCase(Locale.ROOT);
        return all.stream()
                .filter(r -> r.word.equals(sought) || r == HOMEOWNER && sought.equals("owner"))
                .findFirst();
    }

    public Recipient {
        if (!word.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
            throw new IllegalArgumentException("\"" + word + "\" is no word for a recipient: lower case, no blanks");
        }
        title = title.replaceAll("\\s+", " ").strip();
        wants = wants.replaceAll("\\s+", " ").strip();
        if (title.isEmpty()) {
            throw new IllegalArgumentException("a recipient is called something");
        }
    }

    /** What it is called within a sentence, behind "the". */
    public String called() {
        return title.toLowerCase(Locale.ROOT);
    }

    /** Whether only the public part of the line may be seen. */
    public boolean isPublic() {
        return part == Part.PUBLIC;
    }

    /** Whether clips go to it with their sound: what is said along a pipe is rarely meant for everybody. */
    public boolean hearsClips() {
        return !isPublic();
    }

    @Override
    public String toString() {
        return word;
    }
}
