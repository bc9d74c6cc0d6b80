package hitch.core.story;

import hitch.core.detail.Arrival;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.job.PropertyFacts;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.verdict.Verdict;
import hitch.core.measure.Extent;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.run.Run;
import hitch.core.story.words.Grammar;
import hitch.core.story.words.Named;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.told.Fixtures;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who and where, what was looked at and through which opening, what was not; and what it comes to. */
final class OpeningPart {
    static final String KEY = "card:opening";
    private static final int MAP_WORTH = 45;

    private final Talk talk;

    OpeningPart(Talk talk) {
        this.talk = talk;
    }

    Fit.Part visit() {
        List<Telling> tellings = new ArrayList<>(List.of(card()));
        if (!talk.isRecord()) {
            talk.may().reached().map(this::map).ifPresent(tellings::add);
        }
        return new Fit.Part("The visit", tellings);
    }

    private Telling card() {
        PropertyFacts facts = talk.may().facts();
        List<CardShot.Row> rows = new ArrayList<>();
        rows.add(CardShot.Row.of("Property", facts.title()));
        row("For", facts.client(), rows);
        row("Recorded", facts.inspectedOn(), rows);
        talk.may().runs().stream()
                .findFirst()
                .filter(r -> !r.opening().words().isBlank()
                        && !talk.may().recipient().isPublic())
                .ifPresent(r -> row(
                        "Opening used",
                        (r.opening().words() + ", " + r.opening().place()).replaceAll(", $", ""),
                        rows));
        row("Examined", facts.examined(), rows);
        facts.notExamined().forEach(n -> row("Not examined", n, rows));
        if (!facts.firm().isBlank()) {
            row("Reviewed by", (facts.reviewer() + ", " + facts.firm()).replaceAll("^, ", ""), rows);
        }
        List<Said> said = new ArrayList<>();
        String property = facts.property().isBlank() ? "this property" : SpokenForm.streets(facts.property());
        said.add(Talk.needed(talk.teller().say("greeting", "property", property)));
        if (Grammar.isDate(facts.inspectedOn())) {
            said.add(Talk.more(talk.teller().say("recorded", "date", Grammar.date(facts.inspectedOn()))));
        }
        if (!facts.notExamined().isEmpty()) {
            said.add(Talk.more(talk.teller().say("not-examined", "what", Talk.listed(facts.notExamined()))));
        }
        if (talk.isRecord()) {
            talk.may()
                    .reached()
                    .ifPresent(e ->
                            said.add(Talk.more(talk.teller().say("length-seen", "length", talk.show(e.length())))));
        }
        return new Telling(new CardShot(KEY, "The inside of the sewer line", rows, "", 0), said, Telling.MUST);
    }

    private static void row(String label, String text, List<CardShot.Row> rows) {
        if (!text.isBlank()) {
            rows.add(CardShot.Row.of(label, text));
        }
    }

    private Telling map(Extent reached) {
        List<Said> said = new ArrayList<>(List.of(Talk.needed(wayIn())));
        said.add(Talk.more(talk.teller().say("length-seen", "length", talk.show(reached.length()))));
        chiefMaterial().ifPresent(m -> said.add(Talk.extra(talk.teller().say("made-of", "material", m))));
        return new Telling(
                new MapShot("map:whole", "Where the line runs", Optional.of(reached), false, Optional.empty(), "", 0),
                said,
                MAP_WORTH);
    }

    private String wayIn() {
        List<Run> runs = talk.may().runs();
        List<String> ways =
                runs.stream().map(r -> r.direction().toward()).distinct().toList();
        String told = ways.size() > 1
                ? talk.teller().say("ways.two", "one", ways.get(0), "other", ways.get(1))
                : ways.isEmpty() ? "along the line" : ways.getFirst();
        String opening = runs.stream()
                .map(r -> r.opening().words())
                .filter(o -> !o.isBlank())
                .findFirst()
                .orElse("");
        return opening.isEmpty()
                ? talk.teller().say("way-in.unknown", "ways", Grammar.lower(told))
                : talk.teller().say("way-in", "opening", opening, "ways", Grammar.lower(told));
    }

    /** What more than half of the pipe is made of. */
    private Optional<String> chiefMaterial() {
        Map<Material, Long> lengths = new EnumMap<>(Material.class);
        long all = 0;
        for (PipeSpan span : talk.may().spans()) {
            all += span.length().mm();
            span.material().ifPresent(m -> lengths.merge(m, span.length().mm(), Long::sum));
        }
        long most = all / 2;
        return lengths.entrySet().stream()
                .filter(e -> e.getValue() > most)
                .max(Comparator.comparingLong(Map.Entry::getValue))
                .map(e -> talk.teller()
                        .book()
                        .word("materials", e.getKey().word())
                        .orElse(e.getKey().word()));
    }

    /** What it comes to; nothing for who is not advised. */
    Optional<Fit.Part> comesTo() {
        return talk.judged()
                .filter(j -> !talk.isRecord() && !talk.may().findings().isEmpty())
                .map(j -> new Fit.Part("What it comes to", List.of(verdict(j.verdict(), j.matters()))));
    }

    private Telling verdict(Verdict verdict, List<Matter> matters) {
        List<Said> said = new ArrayList<>();
        if (verdict.own().isPresent()) {
            Sentences.of(verdict.own().get()).forEach(s -> said.add(Talk.needed(s)));
        } else {
            said.add(Talk.needed(talk.teller()
                    .say("grade." + verdict.grade().word().replace("a ", "").replace(' ', '-'))));
            chief(matters).ifPresent(s -> said.add(Talk.needed(s)));
            UnseenPart.rooms(Fixtures.of(talk.may().findings()), Arrival.SEEN)
                    .ifPresent(r -> said.add(Talk.more(talk.teller().say("water.arrived", "rooms", r))));
            if (!verdict.functioning() && verdict.isJudged()) {
                said.add(Talk.extra(talk.teller().say("no-pass")));
            }
        }
        List<CardShot.Row> rows = new ArrayList<>();
        matters.stream()
                .filter(m -> m.weight() != Weight.NOTED)
                .sorted(Comparator.comparing(Matter::weight, Comparator.reverseOrder()))
                .limit(5)
                .forEach(m -> rows.add(
                        new CardShot.Row(m.weight().word(), line(m), m.weight().knots())));
        if (rows.isEmpty()) {
            rows.add(CardShot.Row.of("", Grammar.capital(verdict.grade().word())));
        }
        return new Telling(new CardShot("card:comes-to", "What it comes to", rows, "", 0), said, Telling.MUST);
    }

    private String line(Matter matter) {
        boolean told = matter.name().isEmpty()
                && matter.worst()
                        .filter(f -> f.finding().kind().family() == Family.TOLD)
                        .isPresent();
        return (told ? matter.theme().title() : matter.title())
                + matter.extent().map(e -> ", " + place(matter, e).all()).orElse("");
    }

    private PlaceWords place(Matter matter, Extent extent) {
        return talk.may().place(matter.branch(), extent);
    }

    private Optional<String> chief(List<Matter> matters) {
        return matters.stream()
                .filter(m -> m.weight().compareTo(Weight.TEND) >= 0)
                .max(Comparator.comparing(Matter::weight))
                .map(m -> {
                    String what = matter(m);
                    return m.extent()
                            .map(e -> talk.teller().say("chief", "matter", what, "place", spoken(place(m, e))))
                            .orElseGet(() -> talk.teller().say("chief.nowhere", "matter", what));
                });
    }

    private String matter(Matter m) {
        String title = Grammar.lower(m.title());
        boolean one = m.name().isEmpty() && m.findings().size() == 1;
        List<LocatedFinding> found = m.findings();
        return one
                ? Named.of(
                                found.getFirst()
                                        .finding()
                                        .withTraits(found.getFirst()
                                                .finding()
                                                .traits()
                                                .withClock(Optional.empty())),
                                talk.teller().book())
                        .what()
                : title;
    }

    /** A place behind a thing: {@code at 13.3 ft toward the main}. */
    private static String spoken(PlaceWords place) {
        String lead = place.distance().isBlank() ? "" : place.distance().contains(" to ") ? "from " : "at ";
        return lead + place.all();
    }
}
