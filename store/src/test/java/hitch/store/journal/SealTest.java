package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SealTest {
    private static String body(String text) {
        return EditJson.MAPPER.writeValueAsString(java.util.Map.of("n", 1, "words", text));
    }

    @Property(tries = 300)
    void whatWasClosedOpensToTheSame(@ForAll String text) {
        String body = body(text);
        Seal.Opened opened = Seal.open(Seal.close(body)).orElseThrow();
        assertThat(opened.body()).isEqualTo(body);
        assertThat(opened.sum()).isEqualTo(Seal.of(body));
        assertThat(EditJson.MAPPER.readTree(Seal.close(body)).get("sum").asString())
                .isEqualTo(opened.sum());
    }

    @Property(tries = 500)
    void oneChangedLetterKeepsItShut(@ForAll @IntRange(min = 0, max = 10_000) int where) {
        String line = Seal.close(body("roots at the top"));
        int place = where % line.length();
        char other = line.charAt(place) == 'x' ? 'y' : 'x';
        assertThat(Seal.open(line.substring(0, place) + other + line.substring(place + 1)))
                .isEmpty();
    }

    @Test
    void aLineWithoutAChecksumDoesNotOpen() {
        assertThat(Seal.open(body("roots"))).isEmpty();
        assertThat(Seal.open("")).isEmpty();
        assertThat(Seal.open("{}")).isEmpty();
    }
}
