package hitch.core.finding;

import hitch.core.footage.FrameRef;
import hitch.core.line.Extent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is in the pipe at a place.
 *
 * @param id name within the job
 * @param kind what it is
 * @param frame the frame it was marked at, and its still
 * @param typed its place on the line where the note named one; else the counter trace gives it
 * @param traits what the note says of it
 * @param wording the note as typed
 * @param remark the part of the note that stays free text
 * @param weightSet a weight chosen by hand; else the house rules give it
 * @param history earlier wordings, oldest first
 */
public record Finding(
        FindingId id,
        FindingKind kind,
        FrameRef frame,
        Optional<Extent> typed,
        Traits traits,
        String wording,
        String remark,
        Optional<Weight> weightSet,
        List<Amendment> history) {
    public Finding {
        history = List.copyOf(history);
    }

    /** The same finding marked at another frame. */
    public Finding movedTo(FrameRef other) {
        return new Finding(id, kind, other, typed, traits, wording, remark, weightSet, history);
    }

    /** The same finding with a weight set by hand, or back to the house rules when empty. */
    public Finding weighing(Optional<Weight> weight) {
        return new Finding(id, kind, frame, typed, traits, wording, remark, weight, history);
    }

    /** This finding in {@code other}'s words; its own words join the history. */
    public Finding amendedTo(Finding other) {
        List<Amendment> longer = new ArrayList<>(history);
        longer.add(new Amendment(wording, kind));
        return new Finding(
                id, other.kind, frame, other.typed, other.traits, other.wording, other.remark, weightSet, longer);
    }

    /** Kind and traits in a plain phrase without place: {@code Roots, at the top, heavy, 30 % of the bore}. */
    public String phrase() {
        List<String> parts = new ArrayList<>();
        parts.add(title());
        traits.clock().ifPresent(c -> parts.add(c.words()));
        traits.degree().ifPresent(d -> parts.add(d.word()));
        traits.size().ifPresent(s -> parts.add(Inches.show(s)));
        traits.share().ifPresent(s -> parts.add(s + " % of the bore"));
        return String.join(", ", parts);
    }

    private String title() {
        if (kind == FindingKind.REMARK && !remark.isBlank()) {
            return remark;
        }
        if (traits.before().isUnknown() && traits.after().isUnknown()) {
            return kind.title();
        }
        return kind.title() + " from "
                + (traits.before().isUnknown() ? "unknown" : traits.before().words()) + " to "
                + (traits.after().isUnknown() ? "unknown" : traits.after().words());
    }
}
