package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.note.Draft;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What is said twice and is found once. */
final class ToldTwice {
    /** What is said twice so soon is said once, seconds. */
    private static final double TWICE_S = 11;
    /** What is found so soon before is what "that" points at, seconds. */
    private static final double SOON_S = 12;

    /** Two of these are two, however soon they follow. */
    private static final Set<FindingKind> STAND_APART =
            EnumSet.of(FindingKind.ADVICE, FindingKind.MATERIAL_CHANGE, FindingKind.SIZE_CHANGE);

    private ToldTwice() {}

    static boolean isJustFound(FindingKind kind, double seconds, List<Spoken> drafts) {
        return !drafts.isEmpty()
                && drafts.getLast().draft().matter() == kind
                && seconds - drafts.getLast().seconds() <= SOON_S;
    }

    /** Whether a stretch that is told as a length was told as a stretch. */
    static boolean isKnown(Draft again, List<Spoken> drafts) {
        return drafts.stream()
                .map(Spoken::draft)
                .anyMatch(d -> d.matter() == again.matter() && d.place().equals(again.place()));
    }

    /** The same thing at the same place a moment ago: what is new in it goes to the first. */
    static boolean isOf(Spoken spoken, List<Spoken> drafts) {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            Spoken before = drafts.get(i);
            if (spoken.seconds() - before.seconds() > TWICE_S) {
                return false;
            }
            boolean same = before.draft().matter() == spoken.draft().matter()
                    && !isOtherFact(before.draft(), spoken.draft())
                    && before.draft().certainty() == spoken.draft().certainty()
                    && (Stating.isFound(spoken.draft()) || spoken.seconds() == before.seconds())
                    && !STAND_APART.contains(spoken.draft().matter())
                    && Spoken.isSamePlace(before.draft(), spoken.draft());
            if (same) {
                drafts.set(
                        i,
                        before.with(before.draft()
                                .filled(
                                        spoken.draft().place(),
                                        spoken.draft().length(),
                                        spoken.draft().traits())));
                return true;
            }
        }
        return false;
    }

    /** "Built in 1958, and empty since March": two remarks of one sentence that tell two things. */
    private static boolean isOtherFact(Draft one, Draft other) {
        return one.matter() == FindingKind.REMARK
                && !one.traits().details().equals(other.traits().details())
                && !one.traits().details().isNone()
                && !other.traits().details().isNone();
    }
}
