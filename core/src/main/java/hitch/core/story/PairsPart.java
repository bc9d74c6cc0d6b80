package hitch.core.story;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.story.words.Named;
import hitch.core.survey.PlaceWords;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What was there before a cleaning beside what was there after it. */
final class PairsPart {
    private static final int WORTH = 75;

    private final Talk talk;

    PairsPart(Talk talk) {
        this.talk = talk;
    }

    /** A pair, and the findings that are told by it. */
    record Pair(Telling telling, Set<FindingId> told) {}

    List<Pair> all() {
        return talk.isRecord()
                ? List.of()
                : talk.judged().stream()
                        .flatMap(j -> j.beside().stream())
                        .filter(b -> b.visit().id().equals(Compared.CLEANING))
                        .flatMap(b -> b.changes().stream())
                        .flatMap(c -> pair(c).stream())
                        .toList();
    }

    private Optional<Pair> pair(Change change) {
        Optional<LocatedFinding> then = change.then().flatMap(t -> talk.may().finding(new FindingId(t.finding())));
        if (then.isEmpty() || then.get().extent().isEmpty()) {
            return Optional.empty();
        }
        LocatedFinding before = then.get();
        Optional<LocatedFinding> now =
                change.now().flatMap(n -> talk.may().finding(n.finding().id()));
        Optional<FrameRef> after = now.map(n -> n.finding().frame()).or(() -> cleaned(before));
        return after.map(frame -> pair(before, now, frame));
    }

    /** The place again, on a run after the cleaning. */
    private Optional<FrameRef> cleaned(LocatedFinding before) {
        Set<Object> clips = new HashSet<>();
        talk.may().runs().stream()
                .filter(r -> r.phase() == Phase.AFTER)
                .map(Run::clips)
                .forEach(clips::addAll);
        return talk
                .may()
                .footage()
                .momentsAt(before.branch(), before.extent().orElseThrow().middle())
                .stream()
                .filter(f -> clips.contains(f.clip()))
                .findFirst();
    }

    private Pair pair(LocatedFinding before, Optional<LocatedFinding> now, FrameRef frame) {
        Named named = Named.of(before.finding(), talk.teller().book());
        Optional<PlaceWords> place = talk.may().place(before);
        String at = place.map(Talk::at).orElse("along the line");
        String says = now.isPresent()
                ? talk.teller().say("pair.less", "at", at, "were", named.were(), "what", named.what())
                : talk.teller()
                        .say("pair.gone", "what", named.what(), "none", named.many() ? "none are" : "nothing of it is");
        List<SideBySideShot.Panel> panels = new ArrayList<>();
        panels.add(new SideBySideShot.Panel(
                before.finding().id(), before.finding().frame(), "before", Wording.what(before)));
        panels.add(new SideBySideShot.Panel(
                now.map(n -> n.finding().id()).orElse(before.finding().id()),
                frame,
                "after",
                now.map(Wording::what).orElse("")));
        Set<FindingId> told = new HashSet<>(before.ids());
        now.ifPresent(n -> told.addAll(n.ids()));
        String title = before.finding().kind().title() + " before and after, " + talk.place(before);
        return new Pair(
                new Telling(
                        new SideBySideShot("pair:" + before.finding().id(), title, panels, "", 0),
                        List.of(Talk.needed(says)),
                        WORTH),
                told);
    }
}
