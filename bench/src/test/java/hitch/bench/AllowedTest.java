package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AllowedTest {
    @Test
    void aFigureAtItsBoundIsKept() {
        assertThat(Allowed.most(1.2).verdict(1.2)).isEqualTo("(at most 1.2): kept");
        assertThat(Allowed.least(15).verdict(15)).isEqualTo("(at least 15): kept");
    }

    @Test
    void aFigureBeyondItsBoundIsMissed() {
        assertThat(Allowed.most(1.2).verdict(1.24)).isEqualTo("(at most 1.2): MISSED");
        assertThat(Allowed.least(15).verdict(12.4)).isEqualTo("(at least 15): MISSED");
    }
}
