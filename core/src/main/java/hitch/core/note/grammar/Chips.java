package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.measure.Inches;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Chip;
import hitch.core.note.Chip.Sort;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The parts of a sentence that were understood, as chips for the eye. */
final class Chips {
    private final Phrases parts;
    private final List<Candidate> candidates;
    private final LengthUnit unit;
    private final List<Chip> chips = new ArrayList<>();

    /** @param unit how distances are shown */
    Chips(Phrases parts, List<Candidate> candidates, LengthUnit unit) {
        this.parts = parts;
        this.candidates = candidates;
        this.unit = unit;
    }

    List<Chip> all() {
        Set<Phrase> used = new LinkedHashSet<>();
        candidates.forEach(c -> used.addAll(c.used()));
        candidates.forEach(c -> c.told().forEach(t -> detail(c, t)));
        for (int i = 0; i < parts.size(); i++) {
            int at = i;
            candidates.stream().filter(c -> c.at() == at).findFirst().ifPresent(c -> named(at, c));
            if (used.contains(parts.at(i))) {
                add(i, sort(parts.at(i).meaning()), label(parts.at(i).meaning()));
            }
            parts.as(i, Meaning.Sure.class)
                    .filter(s -> candidates.stream().anyMatch(c -> c.certainty() == s.certainty()))
                    .ifPresent(s -> add(at, Sort.CERTAINTY, s.certainty().word()));
        }
        return chips;
    }

    /** What a detail was told by; nothing where a figure or a name within it is told by itself. */
    private void detail(Candidate c, Candidate.Told told) {
        int first = Math.max(0, told.first());
        int last = Math.min(parts.size() - 1, told.last());
        for (int i = first; i <= last; i++) {
            int at = i;
            boolean own =
                    parts.has(i, Meaning.Place.class) || candidates.stream().anyMatch(o -> o.at() == at);
            if (own || c.used().contains(parts.at(i))) {
                return;
            }
        }
        String text = said(c, told.detail());
        if (!text.isEmpty()) {
            chips.add(new Chip(
                    Sort.DETAIL, text, parts.at(first).start(), parts.at(last).end()));
        }
    }

    private static <T> String said(Candidate c, Detail<T> detail) {
        return c.details().get(detail).map(detail::say).orElse("");
    }

    private void named(int i, Candidate c) {
        boolean change = !c.traits().before().isUnknown() || parts.has(i, Meaning.Pipe.class);
        if (!change) {
            String word = c.matter().word();
            add(i, Sort.KIND, c.certainty() == Certainty.RULED_OUT ? "not " + word : word);
            return;
        }
        int last = i;
        if (!c.traits().before().isUnknown() && !c.traits().after().isUnknown()) {
            last++;
            while (last + 1 < parts.size() && !parts.has(last, Meaning.Pipe.class)) {
                last++;
            }
        }
        String label = c.traits().before().words() + " to " + c.traits().after().words();
        chips.add(new Chip(Sort.PIPE, label.strip(), start(i), parts.at(last).end()));
    }

    private void add(int i, Sort sort, String label) {
        int end = parts.at(i).end();
        if (end > 0) {
            chips.add(new Chip(sort, label, start(i), end));
        }
    }

    /** Where the chip begins, with the small words before it that belong to it. */
    private int start(int i) {
        int j = i;
        while (parts.says(
                        j - 1, "at", "on", "in", "from", "the", "a", "an", "about", "around", "of", "some", "with",
                        "for", "to", "there", "is", "its", "theres", "at the", "@", "between")
                && j > 0) {
            j--;
        }
        return parts.at(j).start();
    }

    private static Sort sort(Meaning meaning) {
        return switch (meaning) {
            case Meaning.Place m -> Sort.PLACE;
            case Meaning.Length m -> Sort.PLACE;
            case Meaning.Round m -> Sort.CLOCK;
            case Meaning.Share m -> Sort.SHARE;
            case Meaning.Much m -> Sort.DEGREE;
            case Meaning.Pipe m -> Sort.PIPE;
            case Meaning.Said m -> Sort.DETAIL;
            case Meaning.Clue m -> Sort.DETAIL;
            case Meaning.Time m -> Sort.DETAIL;
            case Meaning.Counted m -> Sort.DETAIL;
            case Meaning.Tool m -> Sort.DETAIL;
            default -> Sort.SIZE;
        };
    }

    private String label(Meaning meaning) {
        return switch (meaning) {
            case Meaning.Place m ->
                m.from().equals(m.to())
                        ? "at " + unit.show(m.from())
                        : unit.show(m.from()) + " to " + unit.show(m.to());
            case Meaning.Length m -> unit.show(m.length()) + " long";
            case Meaning.Round m -> m.clock().words();
            case Meaning.Share m -> m.percent() + " % of the bore";
            case Meaning.Much m -> m.degree().word();
            case Meaning.Pipe m -> m.part().words();
            case Meaning.Size m -> Inches.show(m.size());
            case Meaning.Deep m -> LengthUnit.FEET_INCHES.show(m.depth()) + " deep";
            case Meaning.Angle m -> m.degrees() + " degrees";
            default -> "";
        };
    }
}
