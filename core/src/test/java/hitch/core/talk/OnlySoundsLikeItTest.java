package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words that are said of a kind, in a turn of phrase that is none of it. */
class OnlySoundsLikeItTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. Service on the right, two o'clock, flush, active.       | fixture test
            Thirty. Water is coming in through the crack, look at that.     | fixture test
            Thirty. On the way back I'll, uh, I'll stop at the break again. | promise
            Thirty. So I'm going to come on back.                           | promise
            Thirty. The pipe passes through the foundation.                 | verdict
            Thirty. It's a good inch wide.                                  | verdict
            Thirty. It's been plugged with a rubber cap.                    | blockage
            Thirty. That's the shoe repair, he comes in from the right.     | repair
            Thirty. A crack. I do not think it has opened.                  | gap
            Thirty. A mass of roots that could not be displaced.            | offset
            Thirty. Roots, but I can squeeze past that.                     | limit
            Thirty. Infiltration, gusher, five o'clock.                     | tie-in
            Thirty. It's a two-foot clay, so a joint every two feet.        | joint
            Thirty. That's as far as I need to go.                          | advice
            Thirty. Roots, but dead ones, brown, and they snap off.         | photo
            Thirty. The bricks have got water moving in them.               | standing water
            Thirty. The roots came back in three months.                    | service
            """)
    void isNotTold(String said, String kind) {
        assertThat(drafted(said)).noneMatch(d -> d.startsWith(kind));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. I had them flush, and there it comes.                   | fixture test
            Thirty. It's plugged solid.                                     | blockage
            Thirty. Somebody did a repair here.                             | repair
            Thirty. The joint has opened an inch.                           | gap
            Thirty. I can't get past that.                                  | limit
            Thirty. Let me snap a picture of that.                          | photo
            """)
    void isToldInAnother(String said, String kind) {
        assertThat(drafted(said)).anyMatch(d -> d.startsWith(kind));
    }
}
