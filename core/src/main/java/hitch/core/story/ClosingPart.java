package hitch.core.story;

import hitch.core.decide.When;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.Cautions;
import hitch.core.judge.ask.Ask;
import hitch.core.story.words.Grammar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/** What to do, in order; when to look again; the report, which has the last word. */
final class ClosingPart {
    static final String KEY = "card:closing";
    private static final int ASKS_SAID = 4;
    private static final int MONTHS_A_YEAR = 12;

    private final Talk talk;

    ClosingPart(Talk talk) {
        this.talk = talk;
    }

    /** What is asked of this recipient. */
    private List<Ask> asks() {
        return talk.may().asks();
    }

    Optional<Fit.Part> whatToDo() {
        if (talk.isRecord() || talk.judged().isEmpty()) {
            return Optional.empty();
        }
        List<Ask> due = asks().stream().filter(a -> a.when() != When.WATCH).toList();
        List<Said> said = new ArrayList<>();
        List<CardShot.Row> rows = new ArrayList<>();
        if (due.isEmpty()) {
            said.add(Talk.needed(talk.teller().say("asks.none")));
            rows.add(CardShot.Row.of("", talk.teller().say("asks.none")));
        } else {
            said.add(Talk.more(talk.teller().say("asks.head")));
            for (int i = 0; i < due.size(); i++) {
                Ask ask = due.get(i);
                rows.add(new CardShot.Row(ask.soon(), ask.text(), ask.weight().knots()));
                if (i < ASKS_SAID) {
                    String says = talk.teller()
                            .say(
                                    i == 0 ? "ask.first" : "ask.next",
                                    "soon",
                                    ask.soon(),
                                    "ask",
                                    Grammar.lower(ask.text()));
                    said.add(i < 2 ? Talk.needed(says) : Talk.more(says));
                }
            }
            if (due.size() > ASKS_SAID) {
                said.add(Talk.more(talk.teller().say("ask.more")));
            }
        }
        asks().stream().filter(a -> a.when() == When.WATCH).limit(2).forEach(a -> {
            rows.add(new CardShot.Row(a.soon(), a.text(), a.weight().knots()));
        });
        return Optional.of(new Fit.Part(
                "What to do",
                List.of(new Telling(new CardShot("card:asks", "What to do", rows, "", 0), said, Telling.MUST))));
    }

    Fit.Part closing(List<LocatedFinding> told) {
        List<CardShot.Row> rows = new ArrayList<>();
        List<Said> said = new ArrayList<>();
        if (talk.isRecord()) {
            weights(told, rows);
            talk.may().unseen().forEach(u -> rows.add(CardShot.Row.of("Not seen", u)));
            said.add(Talk.needed(talk.teller().say("counted", "count", counted(told.size()))));
        } else {
            if (talk.judged().filter(j -> !j.verdict().isJudged()).isPresent()) {
                rows.add(CardShot.Row.of("Look again", talk.teller().say("again.cleaned")));
                said.add(Talk.needed(talk.teller().say("again.cleaned")));
            } else {
                lookAgain().ifPresent(w -> {
                    rows.add(CardShot.Row.of("Look again", "in " + w));
                    said.add(Talk.needed(talk.teller().say("again", "when", w)));
                });
            }
        }
        rows.add(CardShot.Row.of("The report", "has every place and every figure, and the last word"));
        Cautions.ALL.forEach(c -> rows.add(CardShot.Row.of("Mind", c)));
        if (!talk.isRecord()) {
            said.add(Talk.extra(talk.teller().say("cautions")));
        }
        if (!talk.isRecord() || talk.may().recipient().isPublic()) {
            said.add(Talk.needed(talk.teller().say("last-word")));
        }
        return new Fit.Part(
                "To close", List.of(new Telling(new CardShot(KEY, "To close", rows, "", 0), said, Telling.MUST)));
    }

    private static String counted(int findings) {
        return (findings == 0 ? "No" : Grammar.count(findings)) + " finding" + (findings == 1 ? "" : "s")
                + (findings == 1 ? " is" : " are");
    }

    private void weights(List<LocatedFinding> told, List<CardShot.Row> rows) {
        Weight[] all = Weight.values();
        for (int i = all.length - 1; i >= 0; i--) {
            Weight weight = all[i];
            List<LocatedFinding> such =
                    told.stream().filter(f -> f.weight() == weight).toList();
            if (!such.isEmpty()) {
                rows.add(new CardShot.Row(
                        weight.word(),
                        weight == Weight.NOTED
                                ? such.size() + (such.size() == 1 ? " feature" : " features") + " of the pipe"
                                : such.stream()
                                        .map(f -> f.finding().kind().title() + " " + talk.place(f))
                                        .collect(Collectors.joining("; ")),
                        weight.knots()));
            }
        }
    }

    /** When the camera should come again: as soon as whatever comes round first, or as the house rules have it. */
    private Optional<String> lookAgain() {
        OptionalInt soonest = asks().stream()
                .flatMap(a -> a.remedy().stream())
                .flatMapToInt(r -> r.nextMonths().stream().mapToInt(m -> m))
                .min();
        int months = soonest.orElse(talk.may().lookEvery());
        return months <= 0 ? Optional.empty() : Optional.of(months(months));
    }

    static String months(int months) {
        if (months % MONTHS_A_YEAR != 0) {
            return months + (months == 1 ? " month" : " months");
        }
        int years = months / MONTHS_A_YEAR;
        return years + (years == 1 ? " year" : " years");
    }
}
