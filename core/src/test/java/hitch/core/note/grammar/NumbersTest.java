package hitch.core.note.grammar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumbersTest {
    private static List<Token> tokens(String text) {
        return Numbers.join(Fillers.out(Tokenizer.cut(text)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "nineteen point four | 19.4",
                "sixty three | 63",
                "a hundred and four | 104",
                "one hundred twelve | 112",
                "hundred and ten | 110",
                "hundred fifty five | 155",
                "hundred | 100",
                "one oh six point five | 106.5",
                "one twenty three | 123",
                "fifty five five | 55.5",
                "seventeen six | 17.6",
                "forty two and a half | 42.5",
                "19 and a half | 19.5",
                "1 1/2 | 1.5",
                "1-1/2 | 1.5",
                "2 and 3/4 | 2.75",
                "3/4 | 0.75",
                "three quarters | 0.75",
                "a third | 0.3333",
                "two thirds | 0.6667",
                "half | 0.5",
                "point five | 0.5",
                "19 point 45 | 19.45",
                "1,204.5 | 1204.5",
                ".5 | 0.5",
                "\u00bd | 0.5",
                "fourty two | 42"
            })
    void aSpokenFigureIsOneNumber(String spoken, double value) {
        List<Token> tokens = tokens(spoken);
        assertThat(tokens).hasSize(1);
        assertThat(tokens.getFirst().value()).isEqualTo(value, within(0.0001));
        assertThat(tokens.getFirst().start()).isZero();
        assertThat(tokens.getFirst().end()).isEqualTo(spoken.length());
    }

    @ParameterizedTest
    @ValueSource(strings = {"a couple hundred", "few hundred", "several hundred"})
    void aHundredOfWhichNobodyCountedHowManyIsNone(String spoken) {
        assertThat(tokens(spoken)).noneMatch(Token::isNumber);
    }

    /** "Thirty-four, two-way": the second belongs to what follows. */
    @Test
    void aFigureThatCountsWaysIsNoTenthOfTheOneBefore() {
        assertThat(tokens("cleanout at thirty four two way"))
                .filteredOn(Token::isNumber)
                .extracting(Token::value)
                .containsExactly(34.0, 2.0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"this one", "another one", "the third joint", "at one point", "halves", "oh well", "half way"})
    void aWordThatCountsNothingIsNone(String spoken) {
        assertThat(tokens(spoken)).noneMatch(Token::isNumber);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "one foot | 1",
                "one o'clock | 1",
                "one percent | 1",
                "one and a half | 1.5",
                "at one | 1",
                "one to nine | 1"
            })
    void oneIsANumberWhereSomethingIsCounted(String spoken, double value) {
        assertThat(tokens(spoken))
                .filteredOn(Token::isNumber)
                .first()
                .satisfies(t -> assertThat(t.value()).isEqualTo(value));
    }

    @Test
    void aListStaysAList() {
        assertThat(tokens("twelve, eighteen and twenty four"))
                .filteredOn(Token::isNumber)
                .extracting(Token::value)
                .containsExactly(12.0, 18.0, 24.0);
    }

    @Test
    void whatIsTypedShortIsSpelledOut() {
        assertThat(Abbreviations.out(Tokenizer.cut("c.i. b/w c/o, ofst dn w/ rts lt")))
                .extracting(Token::text)
                .containsExactly("ci", "between", "cleanout", ",", "offset", "down", "with", "rts", "left");
        assertThat(Abbreviations.out(Tokenizer.cut("P V C w/o lip")))
                .extracting(Token::text)
                .contains("without", "p");
    }

    @Test
    void apostrophesHyphensAndThinkingSoundsLeaveNoTrace() {
        assertThat(tokens("can't, um, see the tie-in"))
                .extracting(Token::text)
                .containsExactly("cant", "see", "the", "tie", "in");
        assertThat(tokens("can not")).extracting(Token::text).containsExactly("cannot");
    }

    @Test
    void sentencesEndAtTheirSignsAndNotAtAbbreviations() {
        String text = "Roots at 12 ft. top side. Offset at 14.5! Done\nnext line";
        assertThat(SentenceCutter.cut(tokens(text), text)).hasSize(4);
        String endless = "roots at twelve and ".repeat(100);
        assertThat(SentenceCutter.cut(tokens(endless), endless)).allMatch(s -> s.size() <= 71);
    }
}
