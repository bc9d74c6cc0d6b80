package hitch.core.judge;

import hitch.core.judge.ask.Ask;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How two judgements of one job differ, in words: what a change of a rule would do. */
public final class Difference {
    private static final int NAMED = 3;

    private Difference() {}

    /** Such as {@code It would change: Roots (every 6 months), and the verdict}; that nothing would change where nothing does. */
    public static String words(Judgement now, Judgement then) {
        List<String> changed = new ArrayList<>();
        for (Ask ask : then.asks()) {
            Optional<Ask> was =
                    now.asks().stream().filter(a -> a.id().equals(ask.id())).findFirst();
            if (was.isEmpty()) {
                changed.add(ask.title() + " (new)");
            } else if (!isAlike(was.get(), ask)) {
                changed.add(ask.title() + " (" + what(was.get(), ask) + ")");
            }
        }
        now.asks().stream()
                .filter(a -> then.asks().stream().noneMatch(b -> b.id().equals(a.id())))
                .forEach(a -> changed.add(a.title() + " (no longer)"));
        if (!now.verdict().words().equals(then.verdict().words())) {
            changed.add("the verdict (" + then.verdict().grade().word() + ")");
        }
        if (changed.isEmpty()) {
            return "It would change nothing of this job.";
        }
        int more = changed.size() - NAMED;
        return "It would change: " + String.join(", ", changed.subList(0, Math.min(NAMED, changed.size())))
                + (more > 0 ? " and " + more + " more" : "") + ".";
    }

    private static boolean isAlike(Ask a, Ask b) {
        return a.text().equals(b.text())
                && a.soon().equals(b.soon())
                && a.weight() == b.weight()
                && a.remedy()
                        .map(r -> r.cost().words())
                        .equals(b.remedy().map(r -> r.cost().words()))
                && a.remedy().map(r -> r.work()).equals(b.remedy().map(r -> r.work()));
    }

    private static String what(Ask was, Ask is) {
        if (!was.remedy().map(r -> r.work()).equals(is.remedy().map(r -> r.work()))) {
            return is.remedy().map(r -> r.work().title()).orElse(is.text());
        }
        if (!was.soon().equals(is.soon())) {
            return is.soon();
        }
        return is.weight() == was.weight()
                ? is.remedy().flatMap(r -> r.cost().words()).orElse("other words")
                : is.weight().word();
    }
}
