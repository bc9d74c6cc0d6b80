package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.Frame;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.line.GroundMark;
import java.util.Optional;
import java.util.regex.Pattern;

/** From where left and right are told: with the flow in the pipe, or standing in the street. */
final class FrameRule implements MoreRules.Rule {
    private static final Pattern WITH_FLOW = Pattern.compile(
            "\\b(?:as|the way) the water (?:runs|flows|goes|moves)\\b|\\blooking (?:downstream|with the flow|down the pipe)\\b|\\b(?:with|in the direction of) (?:the )?flow\\b|\\bfacing downstream\\b|\\bgoing downstream\\b");
    private static final Pattern STREET = Pattern.compile(
            "\\b(?:standing|looking|seen|viewed|facing) (?:(?:in|from|at|out|the|of) )*(?:street|road|curb|sidewalk)\\b|\\bfacing the (?:house|building|home)\\b|\\bfrom the (?:street|road)\\b");
    private static final Pattern SIDE = Pattern.compile("\\b(left|right)\\b");

    @Override
    public void read(Sense sense) {
        Optional<Sense.Match> flow = sense.find(WITH_FLOW);
        Optional<Sense.Match> street = sense.find(STREET);
        Optional<Sense.Match> side = sense.find(SIDE);
        if (side.isEmpty() || flow.isEmpty() && street.isEmpty()) {
            return;
        }
        boolean first = flow.isPresent()
                && (street.isEmpty() || flow.get().first() < street.get().first());
        Sense.Match words = first ? flow.get() : street.get();
        Frame frame = first ? Frame.WITH_FLOW : Frame.FROM_STREET;
        if (first) {
            sense.drop(FindingKind.STANDING_WATER);
        }
        GroundMark mark = GroundMark.of(sense.text());
        Optional<Candidate> of = sense.nearest(words.first(), c -> c.asks(Detail.FRAME));
        if (of.isEmpty() && !mark.mark().isBlank()) {
            sense.drop(FindingKind.LOCATE);
            Candidate made = sense.add(FindingKind.REMARK, side.get().first()).say(Detail.MARK, mark.mark());
            mark.surface().ifPresent(s -> made.say(Detail.SURFACE, s));
            of = Optional.of(made);
        }
        of.ifPresent(c -> {
            c.hidden(ClockPosition.at(side.get().group(1).equals("left") ? 9 : 3));
            sense.say(c, Detail.FRAME, frame, words);
        });
    }
}
