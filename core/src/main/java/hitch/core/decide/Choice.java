package hitch.core.decide;

import hitch.core.finding.FindingId;
import hitch.core.measure.Extent;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.Set;

/**
 * What a person made of the ask for a matter. What is empty stands as proposed.
 *
 * @param theme what sort of matter it is about, so that a choice finds it again
 * @param findings the findings of the matter it was made on; empty for what concerns the line as a whole
 * @param standing accepted, changed or declined
 * @param why a word why, for whoever asks later; may be blank
 * @param work the key of the way that is taken, such as {@code reline}
 * @param extent from where to where
 * @param when how soon
 * @param who who is asked
 * @param due the date, {@code yyyy-mm-dd}
 * @param text the ask in a person's own words
 * @param writtenOn a fingerprint of the facts it was made on
 */
@RecordBuilder
public record Choice(
        String theme,
        Set<FindingId> findings,
        Standing standing,
        String why,
        Optional<String> work,
        Optional<Extent> extent,
        Optional<When> when,
        Optional<Who> who,
        Optional<String> due,
        Optional<String> text,
        String writtenOn)
        implements ChoiceBuilder.With {
    /** What became of a proposal. */
    public enum Standing {
        PROPOSED("proposed", "leave"),
        ACCEPTED("accepted", "accept"),
        CHANGED("changed", "change"),
        DECLINED("declined", "decline"),
        /** A person wrote it. */
        OWN("written by hand", "write");

        private final String state;
        private final String word;

        Standing(String state, String word) {
            this.state = state;
            this.word = word;
        }

        /** As an ask is told to stand: {@code accepted}. */
        public String state() {
            return state;
        }

        /** As it is done: {@code accept}. */
        public String word() {
            return word;
        }
    }

    public Choice {
        findings = Set.copyOf(findings);
        why = why == null ? "" : why.strip();
    }

    /** A choice that says no more than how it stands. */
    public static Choice of(String theme, Set<FindingId> findings, Standing standing, String writtenOn) {
        return new Choice(
                theme,
                findings,
                standing,
                "",
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                writtenOn);
    }

    /** How many findings it shares with a matter. */
    public long shares(Set<FindingId> others) {
        return findings.stream().filter(others::contains).count();
    }
}
