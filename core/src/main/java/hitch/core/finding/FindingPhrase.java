package hitch.core.finding;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.State;
import hitch.core.measure.Inches;
import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.List;

/** A finding in a plain phrase without place. */
final class FindingPhrase {
    private FindingPhrase() {}

    static String of(Finding f) {
        Traits traits = f.traits();
        List<String> parts = new ArrayList<>();
        parts.add(title(f));
        traits.clock().ifPresent(c -> parts.add(c.words()));
        traits.degree().ifPresent(d -> parts.add(d.word()));
        String deep = f.kind() == FindingKind.STANDING_WATER ? " deep" : "";
        traits.size().ifPresent(s -> parts.add(Inches.show(s) + deep));
        traits.share().ifPresent(s -> parts.add(s + " % of the bore"));
        traits.angle().ifPresent(a -> parts.add(a + " degrees"));
        traits.depth().ifPresent(d -> parts.add(LengthUnit.FEET_INCHES.show(d) + " deep"));
        parts.addAll(told(traits.details()).words());
        return f.certainty().say(String.join(", ", parts));
    }

    /** What of the moment is told with what became of it; before or after a cleaning likewise. */
    private static Details told(Details all) {
        boolean moment = all.get(Detail.STATE).map(State::isOfTheMoment).orElse(false);
        Details lasting = all.without(Detail.PHASE).without(Detail.CAUSED_BY);
        return moment ? lasting.without(Detail.STATE) : lasting;
    }

    private static String title(Finding f) {
        FindingKind kind = f.kind();
        Traits traits = f.traits();
        if (kind == FindingKind.REMARK && !f.remark().isBlank()) {
            return f.remark();
        }
        if (kind != FindingKind.MATERIAL_CHANGE && kind != FindingKind.SIZE_CHANGE) {
            return kind.title()
                    + (traits.after().isUnknown()
                            ? ""
                            : (kind.family() == FindingKind.Family.CONDITION ? " in " : " of ")
                                    + traits.after().words());
        }
        if (traits.before().isUnknown() && traits.after().isUnknown()) {
            return kind.title();
        }
        return kind.title() + " from "
                + (traits.before().isUnknown() ? "unknown" : traits.before().words()) + " to "
                + (traits.after().isUnknown() ? "unknown" : traits.after().words());
    }
}
