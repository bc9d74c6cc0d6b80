package hitch.core.disclosure;

import hitch.core.decide.Answer;
import hitch.core.decide.When;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What it comes to as one recipient is told it: an owner what it means, a buyer besides what must be settled before closing and by whom, and
 * whoever gets the record alone only what was recorded on the part that is its own.
 *
 * @param statement one or a few sentences
 * @param wouldChange what would change it, a sentence each; nothing for who gets the record alone
 * @param unknown what is handed on as not known, a sentence each
 */
public record ComesTo(String statement, List<String> wouldChange, List<String> unknown) {
    public ComesTo {
        wouldChange = List.copyOf(wouldChange);
        unknown = List.copyOf(unknown);
    }

    static ComesTo of(Disclosure may) {
        Optional<Judgement> judged = may.judgement();
        if (judged.isEmpty()) {
            return new ComesTo(recorded(may.findings()), List.of(), List.of());
        }
        Judgement judgement = judged.get();
        List<String> sentences = new ArrayList<>(List.of(judgement.verdict().words()));
        if (may.recipient().tone() == Recipient.Tone.BUYER) {
            sentences.addAll(beforeClosing(judgement));
        }
        return new ComesTo(
                String.join(" ", sentences),
                judgement.verdict().wouldChange(),
                judgement.questions().stream()
                        .filter(q -> q.answer().kind() == Answer.Kind.UNKNOWN)
                        .map(Question::text)
                        .toList());
    }

    /** A buyer settles a repair before closing, whatever the visit was for. */
    private static List<String> beforeClosing(Judgement judgement) {
        List<Ask> first = judgement.standing().stream()
                .filter(a -> a.when().compareTo(When.BEFORE_CLOSING) <= 0
                        || a.weight().compareTo(Weight.MEND) >= 0)
                .toList();
        if (first.isEmpty()) {
            return List.of();
        }
        return List.of("To be settled before closing: "
                + String.join(
                        "; ",
                        first.stream()
                                .map(a -> a.title() + ", by " + a.who().word())
                                .distinct()
                                .toList())
                + ".");
    }

    /** Counts and no opinion. */
    private static String recorded(List<LocatedFinding> findings) {
        long heavy = findings.stream()
                .filter(f -> f.weight().compareTo(Weight.TEND) >= 0)
                .count();
        return counted(findings.size(), "finding") + " recorded on this part of the pipe, "
                + (heavy == 0 ? "none" : Long.toString(heavy)) + " of them weighing "
                + Weight.TEND.word() + " or more. It is described here and not judged.";
    }

    private static String counted(long n, String noun) {
        return n + " " + noun + (n == 1 ? "" : "s");
    }
}
