package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Likeness.Like;
import hitch.core.talk.Likeness.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What words are like that no rule knows: learned from a part of the phrases, tried on the others; and what becomes of it. */
class LikenessTest {
    private static final int PARTS = 5;
    /** As sure as words must be behind a place. */
    private static final double SURE = 0.7;

    private static final String UNKNOWN = "A mop of it dangling off the crown, your hedge is thirsty.";

    /** Phrases that were left out while it learned. */
    private static List<Tried> tried() {
        List<Phrase> all = Likeness.phrases();
        List<Tried> tried = new ArrayList<>();
        for (int part = 0; part < PARTS; part++) {
            int left = part;
            Likeness taught = new Likeness(IntStream.range(0, all.size())
                    .filter(i -> i % PARTS != left)
                    .mapToObj(all::get)
                    .toList());
            IntStream.range(0, all.size())
                    .filter(i -> i % PARTS == left)
                    .mapToObj(all::get)
                    .forEach(p -> tried.add(new Tried(p, taught.of(p.words()))));
        }
        return tried;
    }

    private record Tried(Phrase phrase, Optional<Like> like) {
        boolean isSure() {
            return like.filter(l -> l.certainty() >= SURE).isPresent();
        }

        /** Paper is debris, a blister a deformation: kinds that are one in broad. */
        boolean isRight() {
            return broad(phrase.matter()).equals(broad(like.map(Like::matter)));
        }

        private static Optional<Object> broad(Optional<Topic> matter) {
            return matter.map(m -> m instanceof FindingKind kind ? kind.broad() : m);
        }
    }

    @Test
    void whatWasLeftOutIsMostlyKnownAndSeldomInvented() {
        List<Tried> tried = tried();
        List<Tried> things =
                tried.stream().filter(t -> t.phrase().matter().isPresent()).toList();
        List<Tried> nothings =
                tried.stream().filter(t -> t.phrase().matter().isEmpty()).toList();
        List<Tried> sure = things.stream().filter(Tried::isSure).toList();
        double told = (double) sure.size() / things.size();
        double right = (double) sure.stream().filter(Tried::isRight).count() / sure.size();
        double invented = (double) nothings.stream().filter(Tried::isSure).count() / nothings.size();
        System.out.printf("left out: told %.3f, of them right %.3f; invented %.3f%n", told, right, invented);
        assertThat(told).as("things that are told").isGreaterThan(0.4);
        assertThat(right).as("of what is told, right").isGreaterThan(0.85);
        assertThat(invented).as("of nothings, told").isLessThan(0.1);
    }

    @Test
    void everyKindIsTaughtByTenPhrasesAndNoPhraseIsOfTwo() {
        List<Phrase> phrases = Likeness.phrases();
        assertThat(phrases.stream().map(Phrase::words)).doesNotHaveDuplicates();
        Map<String, Long> byKind = phrases.stream()
                .collect(Collectors.groupingBy(p -> p.matter().map(Topic::word).orElse("none"), Collectors.counting()));
        assertThat(byKind).allSatisfy((kind, many) -> assertThat(many).as(kind).isGreaterThanOrEqualTo(10));
        assertThat(byKind.get("none")).as("what is said of nothing").isGreaterThan(500);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "hang on a second",
                "so far so good",
                "give me a little slack",
                "",
                "fourteen",
                "the",
                "zzyzx qwop"
            })
    void whatIsSaidOfNothingIsLikeNothingForSure(String words) {
        assertThat(Likeness.known().of(words).filter(l -> l.certainty() >= SURE))
                .isEmpty();
    }

    @Test
    void signsCapitalsEndingsAndNumbersDoNotMatter() {
        assertThat(Likeness.known().of("Fine ROOTS hanging down, there: 14!"))
                .isEqualTo(Likeness.known().of("fine root hangs down there ninety nine"))
                .hasValueSatisfying(l -> assertThat(l.matter()).isEqualTo(FindingKind.ROOTS));
    }

    @Property(tries = 200)
    void anyTextHasACertaintyOrNone(@ForAll String text) {
        assertThat(Likeness.known().of(text).map(Like::certainty).orElse(0.5)).isBetween(0.0, 1.0);
    }

    @Test
    void wordsThatNoRuleKnowsAreGuessedBehindAPlaceAndMarkedSo() {
        assertThat(said("Zero at the cap.", "Ten. Roots.", "Twenty. " + UNKNOWN, "Thirty. Crack on the left."))
                .filteredOn(s -> s.draft().place().isPresent() && s.draft().kind() != FindingKind.REMARK)
                .extracting(s -> s.draft().matter().word(), Spoken::likeness)
                .contains(
                        org.assertj.core.groups.Tuple.tuple("roots", false),
                        org.assertj.core.groups.Tuple.tuple("roots", true),
                        org.assertj.core.groups.Tuple.tuple("crack", false));
    }

    @Test
    void whereNobodyKnowsWhereTheCameraIsNothingIsGuessed() {
        assertThat(said(UNKNOWN)).noneMatch(Spoken::likeness);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Twenty. Never a mop of it dangling off the crown.",
                "Twenty. Usually a mop of it would be dangling off the crown.",
                "Twenty. " + UNKNOWN
                        + " Let me go slowly here because I want you to see how this was laid and who did it"
            })
    void whatIsDeniedGeneralOrLongIsNotGuessed(String words) {
        assertThat(said("Zero at the cap.", "Ten. Roots.", words, "Thirty. Crack on the left."))
                .noneMatch(Spoken::likeness);
    }

    private static List<Spoken> said(String... lines) {
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, lines[i]));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET).read(cues).drafts();
    }
}
