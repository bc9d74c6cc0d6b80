package hitch.core.detail;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.run.Phase;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random details: any of them, with any value each can have. */
public final class RandomDetails {
    private RandomDetails() {}

    public static Arbitrary<Details> details() {
        return Arbitraries.of(Detail.all())
                .flatMap(RandomDetails::one)
                .list()
                .ofMaxSize(6)
                .map(all -> all.stream().reduce(Details.NONE, Details::or));
    }

    private static Arbitrary<Details> one(Detail<?> detail) {
        return typed(detail);
    }

    private static <T> Arbitrary<Details> typed(Detail<T> detail) {
        return value(detail).map(v -> Details.of(detail, v));
    }

    @SuppressWarnings("unchecked")
    static <T> Arbitrary<T> value(Detail<T> detail) {
        Arbitrary<?> any = of(detail);
        return (Arbitrary<T>) any;
    }

    private static Arbitrary<?> of(Detail<?> detail) {
        if (detail == Detail.STEP) {
            return Arbitraries.of(Step.values());
        } else if (detail == Detail.SHAPE) {
            return Arbitraries.of(Shape.values());
        } else if (detail == Detail.STATE) {
            return Arbitraries.of(State.values());
        } else if (detail == Detail.MADE) {
            return Arbitraries.of(Made.values());
        } else if (detail == Detail.WATER) {
            return Arbitraries.of(Flow.values());
        } else if (detail == Detail.FRAME) {
            return Arbitraries.of(Frame.values());
        } else if (detail == Detail.WAY) {
            return Arbitraries.of(Way.values());
        } else if (detail == Detail.ARRIVED) {
            return Arbitraries.of(Arrival.values());
        } else if (detail == Detail.KEPT) {
            return Arbitraries.of(Kept.values());
        } else if (detail == Detail.SURFACE) {
            return Arbitraries.of(Surface.values());
        } else if (detail == Detail.PHASE) {
            return Arbitraries.of(Phase.BEFORE, Phase.AFTER, Phase.BEYOND);
        } else if (detail == Detail.EVIDENCE) {
            return Arbitraries.of(Evidence.values())
                    .set()
                    .ofMinSize(1)
                    .map(ArrayList::new)
                    .map(List::copyOf);
        } else if (detail == Detail.LEFT || detail == Detail.SEEN_SHARE) {
            return Arbitraries.integers().between(0, 100);
        } else if (detail == Detail.FACE || detail == Detail.TOOL_WIDTH || detail == Detail.BEYOND) {
            return Arbitraries.longs().between(0, 200_000).map(Distance::new);
        } else if (detail == Detail.COUNT) {
            return Combinators.combine(
                            Arbitraries.integers().between(0, 99),
                            Arbitraries.integers().between(0, 99))
                    .as((some, more) -> more == 0 ? Count.of(some) : new Count(some, some + more));
        } else if (detail == Detail.DELAY) {
            return Arbitraries.integers().between(0, 90_000).map(Duration::ofSeconds);
        } else if (detail == Detail.GEAR) {
            return Combinators.combine(
                            Arbitraries.of(Gear.Part.values()),
                            Arbitraries.of("", "big", "small"),
                            Arbitraries.of(Optional.<Boolean>empty(), Optional.of(true), Optional.of(false)))
                    .as(Gear::new);
        }
        // Free words; they stand on one line, without blanks about them.
        return Arbitraries.strings()
                .ofMaxLength(30)
                .map(t -> t.strip().replaceAll("\\s+", " "))
                .filter(t -> !t.isEmpty());
    }
}
