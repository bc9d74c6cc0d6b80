package hitch.core.judge.verdict;

import hitch.core.rules.School;
import java.util.List;
import java.util.Optional;

/**
 * What it comes to.
 *
 * @param school in which it is said
 * @param grade what the owner's pipe comes to
 * @param functioning whether it is claimed that the line works; it is not of a building that nobody uses and where nothing was run
 * @param statement one to three sentences, as proposed
 * @param own a person's own words in place of the statement; empty where there are none
 * @param overtaken whether the facts have changed since those were written
 * @param reasons why, a sentence each
 * @param notSeen what was not seen, a sentence each
 * @param wouldChange what would change it, a sentence each
 * @param fingerprint of the facts it rests on
 */
public record Verdict(
        School school,
        Grade grade,
        boolean functioning,
        String statement,
        Optional<String> own,
        boolean overtaken,
        List<String> reasons,
        List<String> notSeen,
        List<String> wouldChange,
        String fingerprint) {
    public Verdict {
        reasons = List.copyOf(reasons);
        notSeen = List.copyOf(notSeen);
        wouldChange = List.copyOf(wouldChange);
    }

    /** What is told: a person's words where there are any. */
    public String words() {
        return own.orElse(statement);
    }

    public boolean isJudged() {
        return grade != Grade.NOT_JUDGED;
    }

    /** Whether it passes; empty where it was not judged. */
    public Optional<Boolean> passes() {
        return isJudged() ? Optional.of(grade.compareTo(Grade.NEEDS_REPAIR) < 0) : Optional.empty();
    }
}
