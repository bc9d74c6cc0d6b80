package hitch.core.judge.verdict;

import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.survey.Limit;
import hitch.core.survey.told.Symptoms;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Says what it comes to: as a grade, as pass or fail, or as a description and a referral. */
public final class Verdicts {
    private static final int NAMED = 3;

    private final Case in;
    private final List<Matter> owners;
    private final SeenEnough seen;
    private final Grade grade;

    private Verdicts(Case in, List<Matter> matters, SeenEnough seen) {
        this.in = in;
        this.owners = matters.stream().filter(Matter::owners).toList();
        this.seen = seen;
        Weight heaviest = owners.stream()
                .map(Matter::weight)
                .max(Comparator.naturalOrder())
                .orElse(Weight.NOTED);
        this.grade = seen.isEnough() ? Grade.of(heaviest) : Grade.NOT_JUDGED;
    }

    public static Verdict of(Case in, List<Matter> matters, SeenEnough seen) {
        return new Verdicts(in, matters, seen).verdict();
    }

    private Verdict verdict() {
        boolean functioning = in.isProvedByUse() && grade.compareTo(Grade.CANNOT_SERVE) < 0;
        String statement = switch (in.rules().judging().school()) {
            case GRADED -> graded(functioning);
            case PASS_OR_FAIL -> passOrFail();
            case DESCRIBED -> described();
        };
        List<String> reasons = reasons();
        String fingerprint = Integer.toHexString((grade.word() + statement + reasons).hashCode());
        String own = in.survey().decisions().verdict();
        return new Verdict(
                in.rules().judging().school(),
                grade,
                functioning,
                statement,
                own.isBlank() ? Optional.empty() : Optional.of(own),
                !own.isBlank() && !fingerprint.equals(in.survey().decisions().verdictOn()),
                reasons,
                notSeen(),
                wouldChange(),
                fingerprint);
    }

    private String graded(boolean functioning) {
        String said = switch (grade) {
            case NOT_JUDGED -> "Not judged. " + seen.why() + also();
            case IN_ORDER ->
                functioning
                        ? "Functioning, and nothing was found that asks for anything."
                        : "Nothing was found that stands in the way.";
            case TO_WATCH ->
                functioning
                        ? "Functioning, with " + named(Weight.WATCH) + " to keep an eye on."
                        : "Nothing stands in the way; " + named(Weight.WATCH) + " is to be kept an eye on.";
            case NEEDS_CARE ->
                functioning
                        ? "Functioning, with " + named(Weight.TEND) + " that wants care."
                        : "In want of care: " + named(Weight.TEND) + ".";
            case NEEDS_REPAIR -> "In need of repair: " + named(Weight.MEND) + ".";
            case CANNOT_SERVE -> "It cannot serve as it is: " + named(Weight.STOP) + ".";
        };
        return said + untested(functioning) + unexplained();
    }

    /** What is known all the same where the line as a whole is not judged. */
    private String also() {
        String heavy = named(Weight.MEND);
        return heavy.isEmpty() ? "" : " What was seen and asks for a repair all the same: " + heavy + ".";
    }

    private String untested(boolean functioning) {
        return functioning || in.isProvedByUse() || grade == Grade.NOT_JUDGED
                ? ""
                : " That it works was not put to the test: nobody uses the building, and no water was seen to come.";
    }

    private String unexplained() {
        List<String> open = Symptoms.of(in.survey().findings()).stream()
                .filter(s -> !s.isExplained() || s.by().isEmpty())
                .map(Symptoms.Symptom::words)
                .toList();
        return open.isEmpty()
                ? ""
                : " What the people noticed is not explained by it: " + String.join("; ", open) + ".";
    }

    private String passOrFail() {
        return switch (grade) {
                    case NOT_JUDGED -> "Neither pass nor fail: it was not judged. " + seen.why() + also();
                    case NEEDS_REPAIR, CANNOT_SERVE ->
                        "Fail: " + named(grade == Grade.CANNOT_SERVE ? Weight.STOP : Weight.MEND) + ".";
                    default -> "Pass" + (grade == Grade.IN_ORDER ? "." : ", with " + names(owners) + ".");
                }
                + untested(in.isProvedByUse())
                + unexplained();
    }

    private String described() {
        String what = owners.isEmpty() ? "nothing that asks for anything" : names(owners);
        return "Seen: " + what + ". What it means for the use of the line is for a licensed plumber to say."
                + (seen.isEnough() ? "" : " " + seen.why())
                + unexplained();
    }

    /** The heaviest matters in a row, each with its place. */
    private String named(Weight weight) {
        return names(
                owners.stream().filter(m -> m.weight().compareTo(weight) >= 0).toList());
    }

    private String names(List<Matter> matters) {
        List<String> names = matters.stream()
                .sorted(Comparator.comparing(Matter::weight, Comparator.reverseOrder()))
                .limit(NAMED)
                .map(this::name)
                .toList();
        int more = matters.size() - names.size();
        String all = names.size() <= 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast();
        return more > 0 ? all + ", and " + more + " more" : all;
    }

    private String name(Matter m) {
        String title = m.title();
        boolean letters = title.length() > 1 && Character.isUpperCase(title.charAt(1));
        String small = letters ? title : title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
        boolean place = m.extent().isPresent() && m.theme() != Theme.OPENINGS;
        return place ? small + ", " + in.place(m.branch(), m.extent().get()) : small;
    }

    private List<String> reasons() {
        List<String> reasons = new ArrayList<>();
        if (!seen.isEnough()) {
            reasons.add(seen.why());
        }
        owners.stream()
                .sorted(Comparator.comparing(Matter::weight, Comparator.reverseOrder()))
                .filter(m -> m.weight() != Weight.NOTED)
                .forEach(m -> reasons.add(m.title()
                        + m.extent().map(e -> ", " + in.place(m.branch(), e)).orElse("") + ": "
                        + m.weight().meaning() + (m.because().isBlank() ? "." : ", since " + m.because() + ".")));
        return reasons;
    }

    private List<String> notSeen() {
        List<String> told = new ArrayList<>();
        for (Limit limit : in.line().limits()) {
            told.add(
                    limit.isUnknownBeyond()
                            ? "Past " + in.place(limit.branch(), limit.from()) + " nobody has looked: " + limit.why()
                                    + "."
                            : capital(limit.look().word()) + ", " + in.place(limit.branch(), limit.from())
                                    + (limit.why().isBlank() ? "." : ": " + limit.why() + "."));
        }
        in.survey().facts().notExamined().forEach(n -> told.add("Not examined: " + n));
        return told;
    }

    private List<String> wouldChange() {
        List<String> told = new ArrayList<>();
        if (!seen.isEnough()) {
            told.add("A look at all of it once it is clean.");
        }
        for (Matter m : owners) {
            if (!m.isSure()) {
                told.add("Another look at " + name(m) + ": if it is so, it asks for more.");
            } else if (m.theme() == Theme.HIDDEN) {
                told.add("What lies "
                        + m.extent()
                                .map(e -> e.isPoint() ? "past " + in.place(m.branch(), e) : in.place(m.branch(), e))
                                .orElse("where nobody has looked")
                        + ".");
            } else if (m.theme() == Theme.ARRIVAL) {
                told.add("Where the water goes that never arrived.");
            } else if (m.theme() == Theme.WATER) {
                told.add("Standing water that grows, or a line that backs up between cleanings.");
            }
        }
        if (in.visit().isIdle() && !in.isProvedByUse()) {
            told.add("Every fixture run and its water seen to arrive.");
        }
        if (told.isEmpty()) {
            told.add("What the camera cannot see: the outside of the pipe, and what comes after this day.");
        }
        return told.stream().distinct().toList();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
