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
            Thirty. Now that the roots are out you can see the bell.        | roots
            Thirty. I couldn't see that this morning.                       | limit
            Thirty. It's an inch by the scale on my screen.                 | scale
            Thirty. A little bit of rust blistering on the floor.           | deformation
            Thirty. Roots, and then an end of that.                         | end
            Thirty. Calcareous deposits on both walls.                      | scale
            Thirty. A crack, and pictures are numbered four through six.    | remark
            Thirty. The cut at the tap is ragged.                           | cleaned
            Thirty. You can see where they snaked it.                       | cleaned
            Thirty. Somebody drove a stake through it.                      | locate
            Thirty. Something across the bottom there.                      | debris
            Thirty. That used to be all grease, now it's bare.              | grease
            Thirty. A few stalactites left up top.                          | roots
            Thirty. Somebody cut in plastic with two no hubs.               | advice
            Thirty. So it's not stale water, it just holds it.              | -standing water
            Thirty. A drop, paper slides right over it.                     | debris
            Thirty. The neighbour should split the bill with you.           | crack
            Thirty. No cleaning in this, it'd come apart.                   | gap
            Thirty. What I want is a cleanout put in by the steps.          | opening
            Thirty. Roots, cut back to the wall.                            | advice
            Thirty. It's plugged with hair.                                 | roots
            Thirty. Had to fight my way through it.                         | limit
            Thirty. There's the stack going straight up.                    | bend
            Thirty. We ran both bathrooms and nothing backed up.            | symptom
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
            Thirty, 22 degree bend, right.                                  | bend
            Thirty. A few stalactites left up top.                          | scale
            Thirty. Somebody cut in plastic with two no hubs.               | material change
            Thirty. A paper dam holding water behind it.                    | paper
            Thirty. We're going in at the grease interceptor.               | opening
            Thirty. A wye at main, saddle type.                             | main connection
            Thirty. I'd get on a six month schedule.                        | service
            Thirty. A 45 degree bend.                                       | bend
            Thirty. It picks up the sink here.                              | tie-in
            Thirty. We step up to four.                                     | size change
            Thirty. The plastic quits, it's cast iron after that.           | material change
            Thirty. Root wad, can't see past it.                            | roots
            Thirty. It's plugged with hair.                                 | debris
            Thirty. The tube is closed up.                                  | deformation
            Thirty. That's as far as this goes.                             | limit
            Thirty. What I want is a cleanout put in by the steps.          | advice
            Thirty. We start the measurement at that cleanout.              | zero
            Thirty. The joint's been chipped by the chain.                  | break
            Thirty. I'm taking a still for the crew.                        | photo
            Thirty. Roots, cut back to the wall, little stubs at the top.   | roots
            Thirty. It joins the main stack.                                | end
            Thirty. The edge of the driveway apron.                         | boundary
            Thirty. I can't get past that.                                  | limit
            Thirty. Let me snap a picture of that.                          | photo
            Thirty. Pictures are numbered four through six.                 | photo
            Thirty. Some tuberculation, you could run a descaler in here.   | scale
            Thirty. A connection, upper left, with a trickle.               | tie-in
            Thirty. There's a stone the size of a softball.                 | debris
            Thirty. It ties to the main here.                               | main connection
            Thirty. Roots, and I'm not gonna get past it.                   | limit
            Thirty. A further examination in eighteen months.               | service
            Thirty. Jet it again before winter.                             | service
            Thirty. It's rotten, dig it out.                                | advice
            Thirty. That plastic is a do-over.                              | advice
            Thirty. The tap should have a collar fitted.                    | advice
            Thirty. I should like to survey it again after that.            | service
            Thirty. They gave two years on it.                              | remark
            """)
    void isToldInAnother(String said, String kind) {
        assertThat(drafted(said)).anyMatch(d -> d.startsWith(kind));
    }
}
