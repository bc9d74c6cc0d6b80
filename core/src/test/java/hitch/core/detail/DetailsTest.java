package hitch.core.detail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.finding.Asked;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthText;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DetailsTest {
    @Provide
    Arbitrary<Details> details() {
        return RandomDetails.details();
    }

    @Property
    void whatIsWrittenIsReadBackAsTheSame(@ForAll("details") Details details) {
        assertThat(Details.of(details.texts())).isEqualTo(details);
        assertThat(details.words()).hasSameSizeAs(details.all()).noneMatch(String::isBlank);
    }

    @Property
    void whatIsTakenBackIsAsIfItWasNeverSaid(@ForAll("details") Details details) {
        Details less = details;
        for (Detail<?> detail : details.all()) {
            less = less.without(detail);
            assertThat(less.has(detail)).isFalse();
            assertThat(less.or(details)).isEqualTo(details);
        }
        assertThat(less).isEqualTo(Details.NONE);
    }

    @Property
    void aLengthIsWrittenToTheMillimetre(@ForAll @LongRange(min = 0, max = 3_000_000) long mm) {
        assertThat(LengthText.read(LengthText.write(new Distance(mm)))).contains(new Distance(mm));
    }

    @ParameterizedTest
    @CsvSource({"3/4 in, 19", "1 1/2 in, 38", "20 ft, 6096", "37 mm, 37", "1.8 m, 1800", "2\", 51"})
    void lengthsAreReadAsPeopleWriteThem(String text, long mm) {
        assertThat(LengthText.read(text)).contains(new Distance(mm));
    }

    @ParameterizedTest
    @CsvSource({
        "step, sideways",
        "left, 130 %",
        "count, 9 of 4",
        "delay, soon",
        "gear, wings on",
        "face, wide",
        "surface, moon"
    })
    void whatIsNoValueIsToldWithWhatOneLooksLike(String key, String text) {
        Detail<?> detail = Detail.of(key).orElseThrow();
        assertThat(detail.read(text)).isEmpty();
        assertThatThrownBy(() -> Details.of(Map.of(key, text)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(detail.title())
                .hasMessageContaining(text)
                .hasMessageContaining(detail.example());
    }

    static java.util.List<Detail<?>> all() {
        return Detail.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyDetailIsAskedOfSomething(Detail<?> detail) {
        boolean asked = java.util.Arrays.stream(FindingKind.values())
                .anyMatch(k -> Asked.of(k).contains(detail));
        assertThat(asked).as(detail.key()).isTrue();
        assertThat(detail.choices().isEmpty()
                        || detail.choices().stream()
                                .allMatch(c -> detail.read(c).isPresent()))
                .isTrue();
        assertThat(detail.read(
                        detail.choices().isEmpty()
                                ? detail.example()
                                : detail.choices().getFirst()))
                .isPresent();
    }

    @Test
    void theyAreToldInOneOrder() {
        Details one = Details.of(Detail.HOLDS, "wipes").with(Detail.STEP, Step.UP);
        assertThat(one.words()).containsExactly("stepping up as the water runs", "holding back wipes");
        assertThat(one).isEqualTo(Details.of(Detail.STEP, Step.UP).with(Detail.HOLDS, "wipes"));
    }

    @Test
    void whatIsOfTheHouseAndItsPeopleStaysWithThoseItIsFor() {
        Details all = Details.of(Detail.STEP, Step.DOWN)
                .with(Detail.ROOM, "hall bath")
                .with(Detail.WHO, "tenant")
                .with(Detail.CAUSE, "Ingrid's willow");
        assertThat(all.shown(false, false, t -> t.replace("Ingrid's", "the")).texts())
                .containsOnly(Map.entry("step", "down"), Map.entry("cause", "the willow"));
        assertThat(all.shown(true, false, t -> t).has(Detail.WHO)).isFalse();
        assertThat(all.shown(true, true, t -> t)).isEqualTo(all);
    }
}
