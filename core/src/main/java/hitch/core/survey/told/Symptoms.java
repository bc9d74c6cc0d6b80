package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import java.util.List;
import java.util.Optional;

/** What the people of the house noticed, held against what was found. */
public final class Symptoms {
    /** What stands where nothing found explains it. */
    public static final String NOT_EXPLAINED = "not explained yet";

    /**
     * One thing that was noticed.
     *
     * @param words what, where and when
     * @param cause what explains it, in a word; {@link #NOT_EXPLAINED} where nothing does
     * @param by the findings of that kind
     */
    public record Symptom(FindingId id, String words, String cause, List<FindingId> by) {
        public boolean isExplained() {
            return !cause.equals(NOT_EXPLAINED);
        }
    }

    private Symptoms() {}

    public static List<Symptom> of(List<LocatedFinding> findings) {
        return findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.SYMPTOM)
                .map(f -> symptom(f, findings))
                .toList();
    }

    private static Symptom symptom(LocatedFinding found, List<LocatedFinding> findings) {
        Details details = found.finding().traits().details();
        Optional<String> cause = details.get(Detail.CAUSE).filter(c -> !c.equals(NOT_EXPLAINED));
        List<FindingId> by = findings.stream()
                .filter(f -> cause.filter(f.finding().kind().word()::equals).isPresent())
                .filter(f -> f.finding().certainty().isTaken() && !f.lasting().isOver())
                .map(f -> f.finding().id())
                .toList();
        String who = details.text(Detail.WHO);
        boolean told = who.isBlank() || found.finding().wording().contains(who);
        String words = found.finding().wording() + (told ? "" : ", told by the " + who);
        return new Symptom(found.finding().id(), words, cause.orElse(NOT_EXPLAINED), by);
    }
}
