package hitch.core.judge.remedy;

import hitch.core.decide.When;
import hitch.core.judge.work.Work;
import hitch.core.measure.Extent;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A work that would meet a matter, before it is reckoned out.
 *
 * @param work what is done
 * @param places from where to where, each place of it; empty for what has no place
 * @param sentence what is to be done, one sentence
 * @param because why; at least one
 * @param unless what would change it, a sentence each
 * @param first what must come before it, a sentence each
 * @param cautions where it can hurt
 * @param soonest no later than that, whatever it weighs
 * @param occasion when it is best done with something else, a phrase
 * @param fallback what to do should it not hold, a sentence
 */
@RecordBuilder
public record Proposal(
        Work work,
        List<Extent> places,
        String sentence,
        List<Reason> because,
        List<String> unless,
        List<String> first,
        List<Caution> cautions,
        Optional<When> soonest,
        Optional<String> occasion,
        Optional<String> fallback)
        implements ProposalBuilder.With {
    public Proposal {
        places = places == null ? List.of() : List.copyOf(places);
        because = because == null ? List.of() : List.copyOf(because);
        unless = unless == null ? List.of() : List.copyOf(unless);
        first = first == null ? List.of() : List.copyOf(first);
        cautions = cautions == null ? List.of() : List.copyOf(cautions);
        soonest = soonest == null ? Optional.empty() : soonest;
        occasion = occasion == null ? Optional.empty() : occasion;
        fallback = fallback == null ? Optional.empty() : fallback;
    }

    public static ProposalBuilder of(Work work, String sentence, Reason... because) {
        return ProposalBuilder.builder().work(work).sentence(sentence).because(List.of(because));
    }

    /** From the first place to the last. */
    public Optional<Extent> extent() {
        return places.stream().reduce(Extent::joined);
    }
}
