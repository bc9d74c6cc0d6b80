package hitch.core.disclosure;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.PropertyFacts;
import hitch.core.run.Run;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Who is named in what a recipient gets: whom the record knows, who is left out, and who may still be named. */
final class Named {
    private final Survey survey;
    private final NamesFeared fears;

    Named(Survey survey) {
        PropertyFacts facts = survey.facts();
        this.survey = survey;
        this.fears = new NamesFeared(List.of(facts.property(), facts.town(), facts.firm(), facts.reviewer()));
    }

    /** The names that the record has of people, each to be left out. */
    List<String> known() {
        PropertyFacts facts = survey.facts();
        Stream<String> said = facts.more().get(Detail.NAMES).stream().flatMap(n -> Stream.of(n.split(",")));
        Stream<String> there = Stream.of(Detail.PRESENT, Detail.OPERATOR)
                .flatMap(d -> facts.more().get(d).stream())
                .flatMap(text -> fears.in(text, false).stream());
        return Stream.of(Stream.of(facts.client()), said, there)
                .flatMap(s -> s)
                .map(String::strip)
                .filter(n -> !n.isBlank())
                .distinct()
                .toList();
    }

    /** Names in a text: those the record has of people, and words that may be some. */
    List<String> in(String text) {
        Stream<String> there = known().stream().filter(n -> NoNames.holds(text, n));
        return Stream.concat(there, fears.in(text.replace(NoNames.LEFT_OUT, "somebody")).stream())
                .distinct()
                .toList();
    }

    /** Names there may be in what {@code may} tells, each with where it stands. */
    List<NameFeared> feared(Disclosure may) {
        Map<String, String> found = new LinkedHashMap<>();
        PropertyFacts facts = may.facts();
        look(found, "the examined part", facts.examined());
        facts.notExamined().forEach(n -> look(found, "what was not examined", n));
        look(found, "the job's facts", facts.more());
        for (Run run : may.runs()) {
            look(found, "the name of a run", run.name());
            look(found, "the place of an opening", run.opening().place());
        }
        for (LocatedFinding each : may.findings()) {
            String where = each.finding().id().value();
            look(found, where, each.finding().wording());
            look(found, where, each.finding().traits().details());
        }
        survey.story().of().getOrDefault(may.recipient().word(), Map.of()).keySet().stream()
                .flatMap(shot -> may.story().change(shot).narration().stream())
                .forEach(words -> look(found, "the words of a shot", words));
        may.photos().forEach(p -> look(found, "a photograph", p.room()));
        List<NameFeared> all = new ArrayList<>();
        found.forEach((name, where) -> all.add(new NameFeared(name, where)));
        return List.copyOf(all);
    }

    private void look(Map<String, String> found, String where, Details details) {
        details.all().stream().filter(Detail::isFree).forEach(d -> look(found, where, details.text(d)));
    }

    private void look(Map<String, String> found, String where, String text) {
        fears.in(text.replace(NoNames.LEFT_OUT, "somebody")).forEach(name -> found.putIfAbsent(name, where));
    }
}
