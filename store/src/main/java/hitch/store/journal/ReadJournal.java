package hitch.store.journal;

import java.util.List;
import java.util.Optional;

/**
 * A journal as it was found.
 *
 * @param header what it says of itself; empty in format 1, and where the header is damaged
 * @param lines every entry in order; what could not be read keeps its place as {@link hitch.core.job.Entry.Lost}
 * @param lastSum checksum of the last line that has one; blank where none has
 * @param damage what cannot be trusted, a sentence each; empty where all is as it was written
 * @param newer what a newer Hitch wrote and this one cannot read, a sentence each
 */
record ReadJournal(
        Optional<JournalHeader> header,
        List<JournalLine> lines,
        String lastSum,
        List<String> damage,
        List<String> newer) {
    ReadJournal {
        lines = List.copyOf(lines);
        damage = List.copyOf(damage);
        newer = List.copyOf(newer);
    }

    /** Whether more can be read here than of {@code other}, and no more is damaged. */
    boolean tellsMoreThan(ReadJournal other) {
        boolean more = lines.size() > other.lines.size() || header.isPresent() && other.header.isEmpty();
        return more && damage.equals(other.damage);
    }

    /** The number of the last entry; 0 where there is none. */
    long lastNumber() {
        return lines.isEmpty() ? 0 : lines.getLast().number();
    }
}
