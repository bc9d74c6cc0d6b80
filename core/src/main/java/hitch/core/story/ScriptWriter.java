package hitch.core.story;

import hitch.core.detail.Detail;
import hitch.core.disclosure.Disclosure;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes the story for one recipient of what they may see: a walk through the pipe, as one gives it who has looked at it with care. */
public final class ScriptWriter {
    private final Disclosure may;
    private final StoryWish wish;
    private final Talk talk;

    private ScriptWriter(Disclosure may, StoryWish wish) {
        this.may = may;
        this.wish = wish;
        this.talk = new Talk(may, wish);
    }

    /** The story as it is told: as proposed, with what people changed in it. */
    public static Story write(Disclosure may) {
        return write(may, StoryWish.USUAL);
    }

    /** The same as it is wished for. */
    public static Story write(Disclosure may, StoryWish wish) {
        return Script.of(may, wish).told();
    }

    /** The story as it follows from the record. */
    static Story propose(Disclosure may, StoryWish wish) {
        return new ScriptWriter(may, wish).story();
    }

    private Story story() {
        List<LocatedFinding> shown =
                may.findings().stream().filter(this::isShown).toList();
        List<Fit.Part> parts = new ArrayList<>();
        OpeningPart opening = new OpeningPart(talk);
        parts.add(opening.visit());
        opening.comesTo().ifPresent(parts::add);
        List<LocatedFinding> inPipe = shown.stream()
                .filter(f -> f.finding().kind() != FindingKind.LOCATE)
                .toList();
        Set<FindingId> paired = new HashSet<>();
        List<Telling> pairs = new ArrayList<>();
        new PairsPart(talk).all().forEach(p -> {
            paired.addAll(p.told());
            pairs.add(p.telling());
        });
        List<LocatedFinding> walk =
                inPipe.stream().filter(f -> !paired.contains(f.finding().id())).toList();
        walk(walk, parts);
        if (!pairs.isEmpty()) {
            parts.add(new Fit.Part("Before and after the cleaning", pairs));
        }
        if (!talk.isRecord()) {
            new UnseenPart(talk).part().ifPresent(parts::add);
        }
        new AbovePart(talk)
                .part(shown.stream()
                        .filter(f -> f.finding().kind() == FindingKind.LOCATE)
                        .toList())
                .ifPresent(parts::add);
        ClosingPart closing = new ClosingPart(talk);
        closing.whatToDo().ifPresent(parts::add);
        parts.add(closing.closing(may.findings()));
        Fit.Fitted fitted = Fit.of(parts, wish, may);
        return new Story(may.recipient(), may.title(), fitted.chapters(), fitted.left());
    }

    private void walk(List<LocatedFinding> found, List<Fit.Part> parts) {
        FindingPart each = new FindingPart(talk);
        RunPart runs =
                new RunPart(talk, each, talk.isRecord() ? 0 : wish.length().least());
        Optional<Run> before = Optional.empty();
        for (Run run : may.runs()) {
            List<LocatedFinding> on = found.stream()
                    .filter(f -> f.run().filter(run::equals).isPresent())
                    .toList();
            if (!on.isEmpty()) {
                parts.add(runs.of(run, on, before));
                before = Optional.of(run);
            }
        }
        List<Telling> rest = found.stream()
                .filter(f -> f.run().isEmpty())
                .map(f -> each.of(f, false))
                .toList();
        if (!rest.isEmpty()) {
            parts.add(new Fit.Part("Also seen", rest));
        }
    }

    /** Whether there is something to look at; what was told of the house and the gear is in the report. */
    private boolean isShown(LocatedFinding found) {
        FindingKind kind = found.finding().kind();
        boolean rooms =
                kind == FindingKind.REMARK && found.finding().traits().details().has(Detail.ROOM);
        boolean told = kind.family() == FindingKind.Family.TOLD && kind != FindingKind.LOCATE;
        return kind.isToBeSeen()
                && !rooms
                && (talk.isRecord() || !told && found.finding().certainty() != Certainty.RULED_OUT);
    }
}
