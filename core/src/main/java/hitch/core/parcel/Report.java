package hitch.core.parcel;

import hitch.core.disclosure.ComesTo;
import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.PhotoRow;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Weight;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.Cautions;
import hitch.core.judge.Judgement;
import hitch.core.rules.Rule;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Joints;
import hitch.core.survey.told.Symptoms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a recipient reads, once: the page and the PDF are both made from it, so that they cannot tell different things.
 * Empty texts and lists stand for what is not known or not theirs.
 *
 * @param property the job in a few words
 * @param audience whom it is for
 * @param facts what is known of the visit, in order
 * @param comesTo what it comes to
 * @param counts how many findings have each weight, heaviest first
 * @param pipe lengths of pipe in order
 * @param joints how many of how many joints, a sentence each
 * @param asks what is to be done, in order
 * @param symptoms what was noticed in the house
 * @param fixtures where water was run
 * @param findings one row each, in the order they are told
 * @param pictured ids of those that a picture shows
 * @param locates depths that were measured from above
 * @param pairs one place before and after
 * @param unseen what was not seen, a sentence each
 * @param photos photographs that are handed on
 * @param method how it was looked at and reckoned, a sentence each
 * @param rules the house rules it was judged by
 * @param cautions that every deliverable carries
 */
public record Report(
        String property,
        String audience,
        List<Fact> facts,
        ComesTo comesTo,
        List<Count> counts,
        List<PipeLength> pipe,
        List<String> joints,
        List<Asked> asks,
        List<Symptoms.Symptom> symptoms,
        List<Fixtures.Fixture> fixtures,
        List<FindingRow> findings,
        Set<String> pictured,
        List<Located> locates,
        List<PairRow> pairs,
        List<String> unseen,
        List<PhotoRow> photos,
        List<String> method,
        List<Rule> rules,
        List<String> cautions) {
    /** What every report is called. */
    public static final String TITLE = "The inside of the sewer line";

    /** How sides are meant where nothing else is said. */
    public static final String SIDES =
            "Left, right and clock positions are as the camera looks, unless it is said otherwise.";

    /**
     * Something that is known of the visit.
     *
     * @param figures whether it is a date or a measure
     */
    public record Fact(String name, String value, boolean figures) {}

    /** How many findings have a weight. */
    public record Count(String word, String meaning, int knots, long number) {}

    /**
     * A depth that was measured from above.
     *
     * @param finding its id
     * @param place where on the line
     * @param depth in words
     * @param mark what stands above it; empty where nobody said
     */
    public record Located(String finding, String place, String depth, String mark) {}

    /** The report on what one recipient may see, without a film. */
    public static Report of(Disclosure may) {
        return of(may, List.of());
    }

    /**
     * The report beside a film.
     *
     * @param pairs places that are shown at two times
     */
    public static Report of(Disclosure may, List<PairRow> pairs) {
        boolean whole = !may.recipient().isPublic();
        List<FindingRow> rows = FindingRow.of(may);
        return new Report(
                may.title(),
                may.recipient().title(),
                facts(may),
                may.comesTo(),
                counts(rows),
                whole ? PipeLength.of(may) : List.of(),
                whole
                        ? Joints.of(may.findings()).stream()
                                .map(Joints.Tally::sentence)
                                .toList()
                        : List.of(),
                may.judgement().map(Judgement::standing).orElse(List.of()).stream()
                        .map(Asked::of)
                        .toList(),
                Symptoms.of(may.findings()),
                Fixtures.of(may.findings()).all(),
                rows,
                may.findings().stream()
                        .filter(f -> f.finding().kind().isToBeSeen())
                        .map(f -> f.finding().id().value())
                        .collect(Collectors.toUnmodifiableSet()),
                located(may),
                pairs,
                may.unseen(),
                PhotoRow.of(may),
                HowReckoned.of(may),
                may.rulesUsed(),
                Cautions.ALL);
    }

    private static List<Fact> facts(Disclosure may) {
        PropertyFacts facts = may.facts();
        List<Fact> all = new ArrayList<>();
        add(all, "For", facts.client(), false);
        add(all, "Recorded", facts.inspectedOn(), true);
        String by = facts.reviewer() + (facts.firm().isBlank() ? "" : ", " + facts.firm());
        add(all, "Reviewed by", facts.reviewer().isBlank() ? facts.firm() : by, false);
        add(all, "Examined", facts.examined(), false);
        add(all, "Not examined", String.join("; ", facts.notExamined()), false);
        facts.more().all().forEach(d -> add(all, d.title(), facts.more().text(d), false));
        add(
                all,
                "Pipe seen",
                may.reached().map(s -> may.unit().show(s.length())).orElse(""),
                true);
        add(
                all,
                "Standing water",
                may.standingWater().mm() == 0 ? "" : may.unit().show(may.standingWater()),
                true);
        return List.copyOf(all);
    }

    private static void add(List<Fact> all, String name, String value, boolean figures) {
        if (!value.isBlank()) {
            all.add(new Fact(name, value, figures));
        }
    }

    private static List<Count> counts(List<FindingRow> rows) {
        List<Count> counts = new ArrayList<>();
        for (Weight weight : Weight.values()) {
            long number = rows.stream().filter(r -> r.knots() == weight.knots()).count();
            if (number > 0) {
                counts.addFirst(new Count(weight.word(), weight.meaning(), weight.knots(), number));
            }
        }
        return List.copyOf(counts);
    }

    private static List<Located> located(Disclosure may) {
        return may.findings().stream()
                .filter(f -> f.finding().kind() == FindingKind.LOCATE)
                .map(f -> new Located(
                        f.finding().id().value(),
                        may.place(f).map(PlaceWords::all).orElse(""),
                        f.finding()
                                .traits()
                                .depth()
                                .map(d -> may.unit().forDepths().show(d))
                                .orElse(""),
                        f.finding().traits().ground().words()))
                .toList();
    }

    /** Whether a picture shows a finding: what was told, noticed or tested has none that does. */
    public boolean isPictured(FindingRow row) {
        return pictured.contains(row.id());
    }

    /** The finding called {@code id}; empty where there is none. */
    public Optional<FindingRow> finding(String id) {
        return findings.stream().filter(f -> f.id().equals(id)).findFirst();
    }
}
