package hitch.core.talk;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.note.Draft;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is taken back at once: "that looks like a hole. Not a hole." The first guess is one draft, ruled out where it was made; the
 * denial adds nothing to the queue but is kept for who asks what did not agree.
 */
final class TakenBack {
    /** A guess is taken back within this of it, seconds. */
    private static final double SOON_S = 40;
    /** What names nothing takes back what was said within this, seconds. */
    private static final double AT_ONCE_S = 16;

    private static final Pattern NO = Pattern.compile(
            "[\\s,.]*(?:(?:no|nope|nah|never ?mind|wait)(?:[\\s,.]+(?:no|wait|hang on|hold on))*[\\s,.]+(?:now that .{0,20}, )?(?:that'?s|it'?s|it was|that was|scratch|it is|let me)\\b"
                    + "(?! (?:okay|fine|good|all right|alright|ok|not bad|it\\b))|(?:scratch|strike) that\\b|(?:a little )?no that'?s )");
    private static final Pattern BACK = Pattern.compile(
            "\\b(?:i take that back|scratch (?:that|the)\\b(?! \\w+ (?:off|out|from|with)\\b)|i thought (?:that|it) was)\\b");

    private static final Pattern INSTEAD = Pattern.compile(
            "\\b(?:the|a|an) ([a-z]+(?: [a-z]+)?),? no,? not (?:the|a|an) \\1,? (?:it'?s |that'?s |from |through |by |in )?(?:the|a|an) [a-z]");

    private static final Pattern SCRATCHED = Pattern.compile("\\bscratch the ([a-z]+)\\b(?! (?:off|out|from|with))");

    /** What was taken for damage and is none. */
    private static final Pattern NOTHING = Pattern.compile(
            "^[\\s,.]*(?:(?:no|nope|okay|oh|yeah|yep|uh)[, ]+)*(?:it'?s|that'?s|it is|that is) (?:just |only |nothing but )?(?:an? )?(?:scratch(?:es)?|stain|shadow|reflection|glare|smear|scuff|skid mark|tool mark|water ?mark|glue|primer|paint|seam|mold line|bubble|drip|water)\\b(?! (?:in|on|at|coming|level|line|sitting|standing))");

    private TakenBack() {}

    /** Whether a sentence takes back what was said before it without naming it. */
    static boolean isNo(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        return NO.matcher(lower).lookingAt()
                || NOTHING.matcher(lower).find()
                || BACK.matcher(lower).find();
    }

    /** "That's the laundry, no, not the laundry, the kitchen": what it is instead is there. */
    static boolean isPutRight(Draft draft, String text) {
        return draft.matter() instanceof FindingKind kind
                && kind.family() == Family.FEATURE
                && draft.certainty() == Certainty.RULED_OUT
                && INSTEAD.matcher(text.toLowerCase(Locale.ROOT)).find();
    }

    /** Whether a sentence takes back a thing by its name: "scratch the grease". */
    static boolean isByName(Draft draft, String text) {
        Matcher scratched = SCRATCHED.matcher(text.toLowerCase(Locale.ROOT));
        return scratched.find() && draft.matter().word().equals(scratched.group(1));
    }

    /** Whether a sentence takes back another thing than the last one, by its name. */
    static boolean isOfAnother(String text, Optional<Draft> last) {
        Matcher scratched = SCRATCHED.matcher(text.toLowerCase(Locale.ROOT));
        return scratched.find()
                && last.filter(d ->
                                !d.matter().word().equals(scratched.group(1)) && !Spoken.says(d, scratched.group(1)))
                        .isPresent();
    }

    /** Rules out the last thing that was found, where it was found just before a moment; what named it is told. */
    static void last(List<Spoken> drafts, double seconds, List<Spoken.Withdrawn> withdrawn) {
        for (int i = drafts.size() - 1; i >= 0; i--) {
            Spoken spoken = drafts.get(i);
            if (seconds - spoken.seconds() > AT_ONCE_S) {
                return;
            }
            if (isFound(spoken.draft())) {
                drafts.set(i, spoken.with(Sides.asThere(spoken.draft().ruledOut(), drafts)));
                withdrawn.add(new Spoken.Withdrawn(spoken, seconds));
                return;
            }
        }
    }

    /** Whether {@code denial} takes back one of {@code drafts}, which then is ruled out in its place. */
    static boolean isOf(List<Spoken> drafts, Spoken denial, List<Spoken.Withdrawn> withdrawn) {
        if (denial.draft().certainty() != Certainty.RULED_OUT) {
            return false;
        }
        for (int i = drafts.size() - 1; i >= 0; i--) {
            Spoken spoken = drafts.get(i);
            if (denial.seconds() - spoken.seconds() > SOON_S) {
                return false;
            }
            boolean same = spoken.draft().matter().equals(denial.draft().matter()) && isNear(spoken, denial);
            if (same && spoken.draft().certainty() != Certainty.RULED_OUT) {
                drafts.set(i, spoken.with(Sides.asThere(spoken.draft().ruledOut(), drafts)));
                withdrawn.add(new Spoken.Withdrawn(spoken, denial.seconds()));
                return true;
            }
            if (same) {
                return true;
            }
        }
        return false;
    }

    /** "Looks like rocks. No, that's drywall mud": the guess was of the kind that it is, and is told by its right name. */
    static boolean isNamedBetter(List<Spoken> drafts, Spoken spoken, List<Spoken.Withdrawn> withdrawn) {
        if (drafts.isEmpty() || withdrawn.isEmpty() || spoken.draft().certainty() == Certainty.RULED_OUT) {
            return false;
        }
        Spoken last = drafts.getLast();
        boolean guess = last.draft().certainty() == Certainty.RULED_OUT
                && last.draft().matter().equals(spoken.draft().matter())
                && spoken.seconds() - last.seconds() <= AT_ONCE_S
                && isNear(last, spoken)
                && withdrawn.getLast().first().key().equals(last.key());
        if (guess) {
            withdrawn.removeLast();
            drafts.set(drafts.size() - 1, spoken);
        }
        return guess;
    }

    private static boolean isNear(Spoken one, Spoken other) {
        return one.draft().place().isEmpty()
                || other.draft().place().isEmpty()
                || Math.abs(one.draft().place().get().from().mm()
                                - other.draft().place().get().from().mm())
                        < 600;
    }

    private static boolean isFound(Draft draft) {
        return draft.matter() instanceof FindingKind kind
                && (kind.family() == Family.CONDITION || kind.family() == Family.WATER)
                && draft.certainty() != Certainty.RULED_OUT;
    }
}
