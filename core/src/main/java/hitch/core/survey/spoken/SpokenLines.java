package hitch.core.survey.spoken;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import hitch.core.talk.Contradiction;
import hitch.core.talk.Contradictions;
import hitch.core.talk.OnClip;
import hitch.core.talk.SameFeature;
import hitch.core.talk.Spoken;
import hitch.core.talk.Whereabouts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Holds what was said against what is known: where the camera was, what it contradicts, which finding it may be. */
public final class SpokenLines {
    private SpokenLines() {}

    /** The drafts of one commentary in order of time. */
    public static List<SpokenLine> of(Survey survey, Commentary commentary, Clip clip, Spoken.All said) {
        return lines(survey, commentary, clip, said, true);
    }

    /** What only sounds like something in one commentary, in order of time. */
    public static List<SpokenLine> unlikely(Survey survey, Commentary commentary, Clip clip, Spoken.All said) {
        return lines(survey, commentary, clip, said, false);
    }

    private static List<SpokenLine> lines(
            Survey survey, Commentary commentary, Clip clip, Spoken.All said, boolean likely) {
        Whereabouts where = where(survey, commentary, clip);
        Map<String, List<Contradiction>> against = new HashMap<>();
        Contradictions.in(said, where, survey.facts().unit())
                .forEach(c ->
                        against.computeIfAbsent(c.key(), k -> new ArrayList<>()).add(c));
        return (likely ? said.drafts() : said.unlikely())
                .stream()
                        .map(s -> new SpokenLine(
                                commentary,
                                clip,
                                s,
                                where.cableAt(s.seconds()),
                                against.getOrDefault(s.key(), List.of()),
                                twin(survey, clip, s, where),
                                likely))
                        .toList();
    }

    private static Whereabouts where(Survey survey, Commentary commentary, Clip clip) {
        var trace = survey.traces().get(clip.id());
        return trace == null
                ? Whereabouts.UNKNOWN
                : new OnClip(clip, trace, survey.runOf(clip.id()), commentary.offset());
    }

    private static Optional<LocatedFinding> twin(Survey survey, Clip clip, Spoken spoken, Whereabouts where) {
        Optional<Run> run = survey.runOf(clip.id());
        Optional<Distance> from =
                where.cableAt(spoken.seconds()).or(() -> spoken.draft().place().map(p -> p.from()));
        if (run.isEmpty() || from.isEmpty()) {
            return Optional.empty();
        }
        Distance to = spoken.draft()
                .place()
                .map(p -> p.to())
                .filter(t -> t.compareTo(from.get()) > 0)
                .orElse(from.get());
        Extent extent = Extent.between(
                run.get().stationOf(from.get().mm() + run.get().atThePipe().mm()),
                run.get().stationOf(to.mm() + run.get().atThePipe().mm()));
        double trust = spoken.draft().place().isPresent() ? 1 : where.confidenceAt(spoken.seconds());
        return SameFeature.of(spoken.draft(), extent, run, trust, survey.noted());
    }
}
