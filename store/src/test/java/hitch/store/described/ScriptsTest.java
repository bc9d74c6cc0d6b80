package hitch.store.described;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.story.Cutting;
import hitch.core.story.Length;
import hitch.core.story.ScriptText;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Sentences;
import hitch.core.story.Shot;
import hitch.core.story.SpokenForm;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Scripts for invented jobs and three recipients each, kept as they were last read through. With {@code -Dscripts=FOLDER} they are written
 * anew into that folder, to be read before they take the place of the old ones.
 */
class ScriptsTest {
    private static final List<String> JOBS = List.of(
            "clean-new-line",
            "one-root",
            "many-roots",
            "blocked",
            "two-ways-with-branches",
            "replaced-stretch",
            "before-and-after",
            "metres",
            "idle-house",
            "district-main",
            "unsure-things",
            "sound-but-old");
    private static final List<Recipient> RECIPIENTS = List.of(Recipient.HOMEOWNER, Recipient.BUYER, Recipient.DISTRICT);
    private static final Pattern NUMBER = Pattern.compile("\\d+(?:\\.\\d+)?");

    private static final Map<String, Survey> SURVEYS = new HashMap<>();
    private static final Map<String, Disclosure> MAY = new HashMap<>();

    private static Disclosure may(String job, Recipient recipient) throws IOException, DescribedException {
        String key = job + "/" + recipient;
        if (!MAY.containsKey(key)) {
            MAY.put(key, Disclosure.of(survey(job), recipient));
        }
        return MAY.get(key);
    }

    private static Survey survey(String name) throws IOException, DescribedException {
        if (SURVEYS.containsKey(name)) {
            return SURVEYS.get(name);
        }
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(resource(name + ".yaml"))) {
            job = job.with(edit);
        }
        SURVEYS.put(name, Reckoner.survey(job));
        return SURVEYS.get(name);
    }

    private static String resource(String name) throws IOException {
        try (InputStream in = ScriptsTest.class.getResourceAsStream("/hitch/store/scripts/" + name)) {
            return in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    static Stream<Object[]> all() {
        return JOBS.stream().flatMap(j -> RECIPIENTS.stream().map(r -> new Object[] {j, r}));
    }

    private static Story story(String job, Recipient recipient, Length length, long seed)
            throws IOException, DescribedException {
        return ScriptWriter.write(
                may(job, recipient), StoryWish.USUAL.lasting(length).seeded(seed));
    }

    private static Cutting cut(Story story) {
        return Cutting.of(story, Cutting.Speech.USUAL, s -> new double[] {s.before(), s.after()});
    }

    @ParameterizedTest
    @MethodSource("all")
    void theScriptIsTheOneThatWasReadThrough(String job, Recipient recipient) throws Exception {
        Story story = story(job, recipient, Length.STANDARD, 1);
        String text = ScriptText.of(story, cut(story));
        String folder = System.getProperty("scripts", "");
        String name = job + "-" + recipient.word() + ".txt";
        if (!folder.isEmpty()) {
            Files.createDirectories(Path.of(folder));
            Files.writeString(Path.of(folder, name), text);
        }
        assertThat(text).isEqualTo(resource(name));
    }

    /** No sentence that nobody would say, whatever the words that chance picks. */
    @ParameterizedTest
    @MethodSource("all")
    void everySentenceIsOneThatSomebodyWouldSay(String job, Recipient recipient) throws Exception {
        for (long seed = 1; seed <= 3; seed++) {
            for (Shot shot : story(job, recipient, Length.FULL, seed).shots()) {
                for (String s : Sentences.of(shot.narration())) {
                    assertThat(s)
                            .as("%s, seed %d", shot.title(), seed)
                            .matches("[\\p{Lu}\\d\"].*[.!?:]")
                            .doesNotContain("  ", " ,", " .", ",,", "..", ",.", ";.", "{", "}", "null", "Optional")
                            .doesNotContainPattern("\\b1(?:\\.0)? feet\\b")
                            .doesNotContainPattern("(?i)\\b([\\p{L}']+) \\1\\b")
                            .doesNotContainPattern("\\ba [aeiou]\\p{L}+\\b")
                            .doesNotContainPattern("\\ban [bcdfgjklmnpqrstvwxyz]\\p{L}+\\b");
                    assertThat(SpokenForm.of(s)).doesNotContainPattern("\\d");
                }
            }
        }
    }

    /** Every number that is said stands in the record: among the findings, the asks, the facts, or it counts them. */
    @ParameterizedTest
    @MethodSource("all")
    void everyNumberSaidStandsInTheRecord(String job, Recipient recipient) throws Exception {
        Survey survey = survey(job);
        Disclosure may = may(job, recipient);
        StringBuilder record = new StringBuilder(survey.facts().toString());
        for (LocatedFinding f : may.findings()) {
            record.append('\n')
                    .append(f.finding().phrase())
                    .append('\n')
                    .append(f.finding().remark());
            may.place(f).ifPresent(p -> record.append('\n').append(p.all()));
            f.extent().ifPresent(e -> record.append('\n').append(may.unit().show(e.length())));
        }
        may.reached().ifPresent(e -> record.append('\n').append(may.unit().show(e.length())));
        may.unseen().forEach(u -> record.append('\n').append(u));
        may.asks().forEach(a -> record.append('\n').append(a.text()).append(' ').append(a.soon()));
        may.judgement()
                .ifPresent(j -> j.matters()
                        .forEach(m -> m.extent()
                                .ifPresent(e -> record.append('\n')
                                        .append(may.place(m.branch(), e).all()))));
        record.append('\n').append(may.lookEvery()).append(' ').append(may.lookEvery() / 12);
        may.asks()
                .forEach(a -> a.remedy()
                        .ifPresent(r -> r.nextMonths()
                                .ifPresent(m -> record.append('\n')
                                        .append(m)
                                        .append(' ')
                                        .append(m / 12))));
        Set<String> known = numbers(record.toString());
        for (Shot shot : story(job, recipient, Length.FULL, 3).shots()) {
            assertThat(numbers(shot.narration())).as(shot.narration()).allMatch(known::contains);
            assertThat(numbers(String.join(" ", shot.written())))
                    .as(shot.title())
                    .allMatch(known::contains);
        }
    }

    private static Set<String> numbers(String text) {
        Matcher m = NUMBER.matcher(text.replaceAll("(\\d{4})-0?(\\d+)-0?(\\d+)", "$1 $2 $3"));
        return m.results().map(r -> r.group()).collect(Collectors.toSet());
    }

    /** Whatever length is asked for is met within three seconds, where there is so much to say and no more than that is needed. */
    @ParameterizedTest
    @MethodSource("all")
    void aTargetLengthIsMet(String job, Recipient recipient) throws Exception {
        double most =
                cut(story(job, recipient, Length.of("3600").orElseThrow(), 1)).seconds();
        double least =
                cut(story(job, recipient, Length.of("20").orElseThrow(), 1)).seconds();
        for (int target : new int[] {40, 75, 90, 140, 200}) {
            Story story = story(job, recipient, Length.of(target + "").orElseThrow(), 1);
            double seconds = cut(story).seconds();
            if (target > most) {
                assertThat(seconds).isCloseTo(most, org.assertj.core.api.Assertions.within(0.1));
            } else if (target > least) {
                assertThat(seconds)
                        .as("%s for the %s in %d s", job, recipient, target)
                        .isBetween(target - 3.0, target + 3.0);
            }
        }
    }

    @Test
    void theSameSeedSaysTheSameAndAnotherSaysItOtherwise() throws Exception {
        String one = cut(story("many-roots", Recipient.HOMEOWNER, Length.FULL, 1))
                .captions()
                .toString();
        assertThat(cut(story("many-roots", Recipient.HOMEOWNER, Length.FULL, 1))
                        .captions()
                        .toString())
                .isEqualTo(one);
        assertThat(cut(story("many-roots", Recipient.HOMEOWNER, Length.FULL, 2))
                        .captions()
                        .toString())
                .isNotEqualTo(one);
    }

    @Test
    void whatAShortFilmLeavesOutIsListed() throws Exception {
        Story all = story("many-roots", Recipient.HOMEOWNER, Length.FULL, 1);
        Story less = story("many-roots", Recipient.HOMEOWNER, Length.SHORT, 1);
        assertThat(less.left()).isNotEmpty();
        assertThat(less.shots().size() + less.left().size())
                .isEqualTo(all.shots().size());
        assertThat(less.shots()).extracting(Shot::title).anyMatch(t -> t.startsWith("Roots, 26.3 ft"));
    }
}
