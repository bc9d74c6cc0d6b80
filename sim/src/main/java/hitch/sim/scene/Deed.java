package hitch.sim.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import hitch.store.NearestWord;
import java.util.Arrays;

/**
 * Something that happens on a take.
 *
 * @param t second at which it begins
 * @param to second at which it is over, or has been reached; infinite if it goes on
 */
public record Deed(Act what, double t, double to, double amount) {
    @JsonCreator
    static Deed written(
            @JsonProperty("what") String what,
            @JsonProperty("t") double t,
            @JsonProperty("to") Double to,
            @JsonProperty("amount") Double amount) {
        String word = String.valueOf(what);
        Act act = Arrays.stream(Act.values())
                .filter(a -> a.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"" + word
                        + "\" is nothing that happens on a take; was \""
                        + NearestWord.to(
                                word, Arrays.stream(Act.values()).map(Act::word).toList())
                        + "\" meant?"));
        if (amount == null) {
            throw new IllegalArgumentException(word + " needs its amount");
        }
        if (to != null && to < t) {
            throw new IllegalArgumentException(word + " is over at " + to + ", before it begins at " + t);
        }
        return new Deed(act, t, to == null ? Double.POSITIVE_INFINITY : to, amount);
    }
}
