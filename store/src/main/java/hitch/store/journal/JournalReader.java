package hitch.store.journal;

import hitch.core.job.Entry;
import hitch.store.journal.JournalLine.Heights;
import hitch.store.journal.Pieces.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Reads a journal, whatever state it is in. Lines are put in their places by their numbers; for each number that no line
 * can be read for an entry is kept as lost, or as the undo or redo that it must have been by the heights that the next
 * line tells. Whatever is not as it was written is told.
 */
final class JournalReader {
    private final byte[] bytes;
    private final List<JournalLine> lines = new ArrayList<>();
    private final List<String> damage = new ArrayList<>();
    private final List<String> newer = new ArrayList<>();
    private final List<String> fragments = new ArrayList<>();
    private final Stack stack = new Stack();
    private Optional<JournalHeader> header = Optional.empty();
    private String sum = "";
    private boolean headerLost;

    private JournalReader(byte[] bytes) {
        this.bytes = bytes;
    }

    static ReadJournal read(byte[] bytes) {
        JournalReader reader = new JournalReader(bytes);
        List<Piece> pieces = Pieces.of(bytes);
        pieces.forEach(reader::take);
        reader.end();
        return new ReadJournal(reader.header, reader.lines, reader.sum, reader.damage, reader.newer);
    }

    private void take(Piece piece) {
        switch (piece) {
            case Piece.Header h -> head(h);
            case Piece.Line l -> line(l.line());
            case Piece.Fragment f -> fragments.add(f.text());
        }
    }

    private void head(Piece.Header found) {
        if (header.isPresent()) {
            damage.add("The journal has a second header, which was passed over.");
            return;
        }
        header = Optional.of(found.header());
        lost(fragments.size(), Optional.empty());
        sum = found.sum();
        if (found.header().format() > JournalHeader.NEWEST) {
            newer.add("This job was last changed by a newer Hitch (journal format "
                    + found.header().format()
                    + "). What this Hitch does not know is passed over and stays in the file.");
        }
        if (!found.header().was().equals(before())) {
            damage.add("The part of the journal that an older Hitch wrote (up to change " + last()
                    + ") has been changed since; which value cannot be told.");
        }
    }

    /** Checksum of what stands before the header; blank where it is the first line. */
    private String before() {
        int at = indexOf(bytes, "{\"hitch\":".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        return at <= 0 ? "" : Seal.of(Arrays.copyOf(bytes, at));
    }

    private static int indexOf(byte[] bytes, byte[] sought) {
        for (int i = 0; i + sought.length <= bytes.length; i++) {
            if (Arrays.equals(bytes, i, i + sought.length, sought, 0, sought.length)) {
                return i;
            }
        }
        return -1;
    }

    private long last() {
        return lines.isEmpty() ? 0 : lines.getLast().number();
    }

    private void line(JournalLine line) {
        long gap = line.number() - last() - 1;
        boolean first = lines.isEmpty() && header.isEmpty() && !line.sum().isEmpty();
        if (first) {
            headerLost = true;
            fragments.stream().findFirst().ifPresent(f -> fragments.removeFirst());
        }
        if (gap < 0) {
            damage.add("Change " + line.number() + " stands in the journal twice; the second was passed over.");
            return;
        }
        boolean broken = !fragments.isEmpty() || gap > 0 || headerLost && first;
        lost(gap, line.before());
        if (!broken && !line.sum().isEmpty() && !line.was().equals(sum)) {
            damage.add("What stands before change " + line.number()
                    + " is not what stood there when it was made: a line was changed, or put in, by something else.");
        }
        sum = line.sum();
        if (line.entry() instanceof Entry.Lost lost) {
            newer.add("Change " + line.number() + " was " + lost.words()
                    + ". It was passed over and stays in the file; a newer Hitch will read it.");
        }
        add(line);
    }

    /** Fills {@code gap} numbers with what is known of them. */
    private void lost(long gap, Optional<Heights> then) {
        if (gap <= 0) {
            if (!fragments.isEmpty()) {
                damage.add("Something that is no change stands in the journal after change " + last()
                        + "; it was passed over and stays in the file.");
            }
            fragments.clear();
            return;
        }
        List<Entry> guessed = stack.guessed(gap, fragments, then);
        for (Entry entry : guessed) {
            long number = last() + 1;
            String about = entry instanceof Entry.Lost l ? " (" + l.words().replace(Stack.DAMAGED, "") + ")" : "";
            damage.add(
                    fragments.isEmpty()
                            ? "Change " + number + " is missing from the journal. Every other change is here."
                            : "Change " + number + " cannot be read" + about
                                    + ". It was passed over and stays in the file; every other change is here.");
            add(new JournalLine(number, "", "", entry, Optional.empty(), "", ""));
        }
        fragments.clear();
    }

    private void add(JournalLine line) {
        lines.add(line);
        stack.then(line.entry());
    }

    private void end() {
        long begun = fragments.stream().filter(f -> f.startsWith("{\"n\":")).count();
        lost(fragments.isEmpty() ? 0 : Math.max(1, begun), Optional.empty());
        if (headerLost) {
            damage.add("The first line of the journal, with the job's own id, cannot be read. Every change is here.");
        }
    }
}
