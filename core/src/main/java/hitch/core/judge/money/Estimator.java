package hitch.core.judge.money;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Range;
import hitch.core.rules.Method;
import hitch.core.rules.Price;
import hitch.core.rules.PriceBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Reckons what a work costs by a firm's prices. Where several prices may hold, since size or depth are in doubt, the sum spans all of
 * them. Sums are those of interval arithmetic.
 */
public final class Estimator {
    private final PriceBook book;
    private final int roundTo;

    public Estimator(PriceBook book, int roundTo) {
        this.book = book;
        this.roundTo = roundTo;
    }

    public Cost of(Bill bill) {
        double effort = Effort.of(bill);
        List<String> lines = new ArrayList<>();
        Range sum = Range.ZERO;
        for (Method method : bill.work().methods()) {
            Optional<Range> part = part(method, bill, lines);
            if (part.isEmpty()) {
                String why = book.isEmpty() ? "" : "There is no price for " + method.word() + " in the firm's prices.";
                return new Cost(Optional.empty(), book.currency(), effort, List.of(), why);
            }
            sum = sum.plus(part.get());
        }
        if (bill.work().methods().isEmpty()) {
            return new Cost(Optional.empty(), book.currency(), effort, List.of(), "");
        }
        if (bill.work().isDug()) {
            for (Surface cover : bill.cover()) {
                sum = sum.plus(surface(cover, bill, lines));
            }
            sum = sum.plus(part(Method.PERMIT, bill, lines).orElse(Range.ZERO));
        }
        if (bill.work().isRepair()) {
            sum = sum.plus(part(Method.MOBILISE, bill, lines).orElse(Range.ZERO));
            Optional<Range> least = each(Method.LEAST, bill, p -> true);
            if (least.isPresent() && least.get().high() > sum.low()) {
                lines.add("at the least " + figures(least.get()));
                sum = sum.atLeast(least.get());
            }
        }
        return new Cost(Optional.of(sum.roundedTo(roundTo)), book.currency(), effort, lines, "");
    }

    /** What one method comes to; empty where there is no price for it. */
    private Optional<Range> part(Method method, Bill bill, List<String> lines) {
        Optional<Range> foot = hull(method, bill, Price::byFoot);
        Optional<Range> each = each(method, bill, p -> true);
        if (foot.isEmpty() && each.isEmpty()) {
            return Optional.empty();
        }
        Range sum = Range.ZERO;
        if (foot.isPresent()) {
            sum = sum.plus(foot.get().times(bill.feet()));
            lines.add(method.word() + " " + figures(bill.feet()) + " ft at " + figures(foot.get()));
        }
        if (each.isPresent()) {
            int times = method == Method.SPOT || method == Method.OPENING ? Math.max(1, bill.places()) : 1;
            sum = sum.plus(each.get().times(times));
            lines.add(method.word() + " " + (times > 1 ? times + " times " : "") + figures(each.get()));
        }
        return Optional.of(sum);
    }

    private Range surface(Surface cover, Bill bill, List<String> lines) {
        Predicate<Price> here = p -> p.cover().filter(s -> s == cover).isPresent();
        Optional<Range> foot = hull(Method.SURFACE, bill, p -> p.byFoot() && here.test(p));
        Optional<Range> each = each(Method.SURFACE, bill, here);
        // Nobody knows over how much of the length it lies: from nothing to all of it.
        Range sum = foot.map(f -> f.times(new Range(0, bill.feet().high()))).orElse(Range.ZERO);
        if (foot.isPresent() || each.isPresent()) {
            lines.add("making good the " + cover.word());
        }
        return each.map(sum::plus).orElse(sum);
    }

    private Optional<Range> each(Method method, Bill bill, Predicate<Price> which) {
        return hull(method, bill, p -> !p.byFoot() && which.test(p));
    }

    /** From the least to the most of all prices that may hold; those for what lies above before those for anything. */
    private Optional<Range> hull(Method method, Bill bill, Predicate<Price> which) {
        List<Price> all = book.prices().stream()
                .filter(p -> p.method() == method && which.test(p))
                .filter(p -> p.isForSize(bill.inches()) && p.isForDepth(bill.depth()))
                .toList();
        List<Price> covered = all.stream()
                .filter(p -> p.cover().filter(bill.cover()::contains).isPresent())
                .toList();
        return (covered.isEmpty()
                        ? all.stream().filter(p -> p.cover().isEmpty()).toList()
                        : covered)
                .stream().map(Price::amount).reduce(Range::or);
    }

    private static String figures(Range range) {
        String low = figure(range.low());
        String high = figure(range.high());
        return low.equals(high) ? low : low + " to " + high;
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, value == Math.rint(value) ? "%,.0f" : "%,.1f", value);
    }
}
