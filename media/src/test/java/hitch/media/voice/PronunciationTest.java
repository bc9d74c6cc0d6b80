package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.MediaException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How words sound, alone and beside others. */
class PronunciationTest {
    private static Pronunciation pronunciation;

    @BeforeAll
    static void read() throws MediaException {
        pronunciation = new Pronunciation();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The joint is packed with lead. | lˈɛd",
                "The lead joint | lˈɛd",
                "Both runs lead there | lˈid",
                "Live roots | lˈIv",
                "They live there | lˈɪv",
                "It is close to the wall | klˈOs",
                "We close the lid | klˈOz",
                "The counter was read | ɹˈɛd",
                "Please read it | ɹˈid",
                "A rag is wound up | wˈWnd",
                "of daily use | jˈus",
                "We use it | jˈuz",
                "The joints separate here | sˈɛpəɹˌAt",
                "a separate line | sˈɛpəɹət"
            })
    void wordsOfTwoSoundsAreToldByTheirNeighbours(String words, String sound) {
        assertThat(pronunciation.of(words)).contains(sound);
    }

    @Test
    void weakWordsStayWeakAndContentWordsAreStressed() {
        assertThat(pronunciation.of("the roots of the pipe")).isEqualTo("ðə ɹˈuts ʌv ðə pˈIp");
        assertThat(pronunciation.of("the opening")).startsWith("ði ");
        assertThat(pronunciation.of("to each of it.")).isEqualTo("tu ˈiʧ ʌv ɪt.");
        assertThat(pronunciation.of("where it comes from.")).endsWith("fɹˈʌm.");
    }

    @Test
    void abbreviationsAreSaidLetterByLetterAndArticlesAreNot() {
        assertThat(pronunciation.of("newer P V C begins")).contains("pˈi vˈi sˈi");
        assertThat(pronunciation.of("A B S pipe")).startsWith("ˈA bˈi ˈɛs");
        assertThat(pronunciation.of("A rag")).startsWith("ɐ ");
        assertThat(pronunciation.of("one O five")).isEqualTo("wˈʌn ˈO fˈIv");
    }

    @Test
    void punctuationShapesTheMelody() {
        assertThat(pronunciation.of("Here, at last; the end!")).matches("[^,]+,[^,]+,[^!]+!");
        assertThat(pronunciation.of("  ")).isEmpty();
    }
}
