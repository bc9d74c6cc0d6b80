package hitch.sim.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import hitch.store.NearestWord;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Something in the pipe.
 *
 * @param at station where it is or begins, feet
 * @param to station where it ends; the same as {@code at} for what is at one place
 * @param clock hour round the pipe, looking with the flow, 0 to 12
 * @param amount how much, as its kind counts it
 * @param sort which sort of its kind
 * @param only files of the takes on which it is there; empty for all
 */
public record Thing(Kind kind, double at, double to, double clock, double amount, String sort, List<String> only) {
    public Thing {
        only = List.copyOf(only);
    }

    /** A thing as it is written; what is left out is as usual. */
    @JsonCreator
    static Thing written(
            @JsonProperty("kind") String kind,
            @JsonProperty("at") Double at,
            @JsonProperty("to") Double to,
            @JsonProperty("clock") Double clock,
            @JsonProperty("amount") Double amount,
            @JsonProperty("sort") String sort,
            @JsonProperty("only") List<String> only) {
        Kind known = Kind.of(kind == null ? "" : kind)
                .orElseThrow(() -> new IllegalArgumentException("\"" + kind + "\" is nothing that can be drawn; was \""
                        + NearestWord.to(String.valueOf(kind), kinds()) + "\" meant?"));
        if (at == null) {
            throw new IllegalArgumentException(kind + " needs its station: at: 12.5");
        }
        if (known.isStretch() && to == null) {
            throw new IllegalArgumentException(
                    kind + " lies along a stretch: say where it ends, such as to: " + (Math.round(at * 10) / 10.0 + 4));
        }
        if (to != null && to < at) {
            throw new IllegalArgumentException(kind + " ends at " + to + ", before it begins at " + at);
        }
        double much = amount == null ? known.usual() : amount;
        if (known.measure() != Measure.NONE && !known.measure().holds(much)) {
            throw new IllegalArgumentException(
                    "the amount of " + kind + " is " + known.measure().range() + ", not " + much);
        }
        double hour = clock == null ? 12 : clock;
        if (hour < 0 || hour > 12) {
            throw new IllegalArgumentException("clock is an hour from 0 to 12, not " + hour);
        }
        String of = sort == null ? known.sorts().getFirst() : sort;
        if (!known.sorts().contains(of)) {
            throw new IllegalArgumentException(
                    "\"" + of + "\" is no sort of " + kind + "; it comes as " + String.join(", ", known.sorts()));
        }
        return new Thing(known, at, to == null ? at : to, hour, much, of, only == null ? List.of() : only);
    }

    private static List<String> kinds() {
        return Arrays.stream(Kind.values()).map(Kind::word).collect(Collectors.toList());
    }

    /** A thing at one place, as much of it as usual. */
    public static Thing at(Kind kind, double at, double clock, double amount, String sort) {
        return new Thing(kind, at, at, clock, amount, sort, List.of());
    }

    public boolean is(Kind other, String... sorts) {
        return kind == other && (sorts.length == 0 || Arrays.asList(sorts).contains(sort));
    }

    /** Whether it is there when a take is recorded. */
    public boolean isOn(Take take) {
        return only.isEmpty() || only.contains(take.file());
    }

    /** How far round from the top, radians, clockwise looking with the flow. */
    public double turn() {
        return Math.toRadians(clock * 30);
    }

    /** Where it ends, if it lies along a stretch. */
    public Optional<Double> end() {
        return to > at ? Optional.of(to) : Optional.empty();
    }

    /** Its name in the truth. */
    public String name() {
        return kind.word() + " " + at;
    }
}
