package hitch.core.judge;

import hitch.core.judge.age.Age;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Number;
import hitch.core.judge.remedy.Proposal;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import hitch.core.pipe.PipeSpan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Many places to be dug on one stretch of pipe, or one on a stretch that is past its years or to be renewed anyway, are met by renewing the
 * stretch between its two changes of pipe.
 */
final class Stretches {
    private final Case in;
    private final List<Age> old;

    Stretches(Case in, List<Age> old) {
        this.in = in;
        this.old = old;
    }

    /** The proposals with the renewal of a stretch put first where it goes before mending single places. */
    Map<Matter, List<Proposal>> of(Map<Matter, List<Proposal>> proposals) {
        Map<Matter, List<Proposal>> next = new LinkedHashMap<>(proposals);
        for (Matter matter : proposals.keySet()) {
            Optional<PipeSpan> span = span(matter);
            if (span.isPresent() && work(proposals, matter) instanceof Work.SpotRepair) {
                why(matter, span.get(), proposals)
                        .ifPresent(why -> next.put(matter, renewed(proposals.get(matter), why)));
            }
        }
        return next;
    }

    private static Work work(Map<Matter, List<Proposal>> proposals, Matter matter) {
        return proposals.get(matter).getFirst().work();
    }

    private Optional<PipeSpan> span(Matter matter) {
        return matter.extent().map(Extent::middle).flatMap(s -> in.spanAt(matter.branch(), s));
    }

    private Optional<Reason> why(Matter matter, PipeSpan span, Map<Matter, List<Proposal>> proposals) {
        int places = 0;
        for (Matter other : proposals.keySet()) {
            boolean here = other.branch().equals(matter.branch())
                    && span(other).filter(span::equals).isPresent();
            if (here && work(proposals, other) instanceof Work.Replace) {
                return Optional.of(Reason.practice(
                        "The stretch is to be renewed anyway, for "
                                + other.title().toLowerCase(java.util.Locale.ROOT) + ".",
                        "change of pipe"));
            }
            if (here && work(proposals, other) instanceof Work.SpotRepair w) {
                places += w.places();
            }
        }
        int many = in.rules().judging().placesToStretch();
        if (places >= many) {
            return Optional.of(Reason.number(
                    Number.title(places) + " places on one stretch are to be dug: from " + Number.words(many)
                            + " on the stretch is renewed.",
                    "judging.places-to-stretch"));
        }
        return old.stream()
                .filter(a -> a.branch().equals(matter.branch()) && a.span().equals(span))
                .findFirst()
                .map(a -> Reason.number(
                        a.words() + " Mending one place of it buys little.",
                        hitch.core.rules.AgeRules.rule(a.material())));
    }

    private static List<Proposal> renewed(List<Proposal> ways, Reason why) {
        Optional<Proposal> renewal =
                ways.stream().filter(p -> p.work() instanceof Work.Replace).findFirst();
        if (renewal.isEmpty()) {
            return ways;
        }
        List<Reason> because = new ArrayList<>(renewal.get().because());
        because.add(why);
        List<Proposal> next = new ArrayList<>(ways);
        next.remove(renewal.get());
        next.addFirst(
                renewal.get().withBecause(because).withSoonest(ways.getFirst().soonest()));
        return next;
    }
}
