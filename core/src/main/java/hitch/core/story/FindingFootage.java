package hitch.core.story;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import java.util.Optional;

/** The footage of a finding as a shot: untouched where plain facts are told, else held and pointed at. */
final class FindingFootage {
    private FindingFootage() {}

    /**
     * @param knots its weight, as it is shown
     * @param pointer where in the pipe the pointer goes; empty for none
     * @param closer whether the held picture is seen again closer
     */
    static Shot of(Talk talk, LocatedFinding found, int knots, Optional<ClockPosition> pointer, boolean closer) {
        Finding f = found.finding();
        String title = f.kind().title() + ", " + talk.place(found);
        double before = talk.may()
                .footage()
                .secondsBefore(f.frame(), talk.may().showing().before());
        double after = talk.may()
                .footage()
                .secondsAfter(f.frame(), talk.may().showing().after());
        return talk.isRecord()
                ? new EvidenceShot(title, f.id(), f.frame(), before, after, Wording.what(found), "", 0)
                : new FindingShot(
                        title,
                        f.id(),
                        f.frame(),
                        before,
                        after,
                        Wording.what(found),
                        knots,
                        pointer,
                        closer,
                        Optional.empty(),
                        "",
                        0);
    }
}
