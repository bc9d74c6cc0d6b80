package hitch.core.job;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.Sighting;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random edits of what was said and of what is one finding. */
final class RandomTalk {
    private RandomTalk() {}

    static Arbitrary<Edit> edit(Arbitrary<ClipId> clip, Arbitrary<FindingId> id, Arbitrary<Finding> finding) {
        Arbitrary<String> talk = Arbitraries.of("said", "more");
        Arbitrary<String> key = Arbitraries.of("0-0", "1-0", "1-1");
        return Arbitraries.oneOf(List.of(
                Combinators.combine(talk, clip, Arbitraries.strings().ofMaxLength(12))
                        .as((t, c, words) -> new Edit.PutCommentary(
                                new Commentary(t, c, t + ".srt", List.of(new Cue(0, 2.5, words)), 0, Map.of()))),
                Combinators.combine(talk, Arbitraries.doubles().between(-60, 60).ofScale(1))
                        .as(Edit.SlideCommentary::new),
                talk.map(Edit.RemoveCommentary::new),
                Combinators.combine(talk, key, finding.optional())
                        .as((t, k, f) -> new Edit.KeepSpoken(
                                t, k, f, f.isEmpty() ? Optional.of(Sample.reading(2, 7)) : Optional.empty())),
                Combinators.combine(talk, key, id, finding)
                        .as((t, k, i, f) -> new Edit.SightSpoken(t, k, i, new Sighting(f.frame(), f.wording()))),
                Combinators.combine(talk, key).as(Edit.RefuseSpoken::new),
                clip.map(c -> new Edit.WaveAway(new FrameRef(c, 40))),
                Combinators.combine(id, id).as(Edit.MergeFindings::new),
                Combinators.combine(id, id).as(Edit.KeepApart::new),
                Combinators.combine(finding, Combinators.combine(id, id).as(Edit.MergeFindings::new))
                        .as((f, merge) -> new Edit.Several("note two", List.of(new Edit.AddFinding(f), merge)))));
    }
}
