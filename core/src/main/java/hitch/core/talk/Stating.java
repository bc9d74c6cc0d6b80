package hitch.core.talk;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind;
import hitch.core.finding.FindingKind.Family;
import hitch.core.finding.Topic;
import hitch.core.finding.Traits;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.Transcript;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What one passage states: what the reader understood and what its turn of phrase says, without what it only speaks of. */
final class Stating {
    private static final double LATELY_S = 60;
    private static final Pattern SAME = Pattern.compile(
            "[\\s,.]*(?:and |okay |yep |again,? )?(?:the )?(?:same(?! as\\b)(?: again| thing| here| deal)?|ditto|more of (?:it|them|the same|those)|another one)\\b");

    private final Transcript transcript;
    private final Course course;

    Stating(Transcript transcript, Course course) {
        this.transcript = transcript;
        this.course = course;
    }

    /**
     * @param note what the reader understood of it
     * @param drafts what was found before it
     * @param last the thing that was found last
     */
    List<Draft> in(Passages.Passage passage, Note note, List<Spoken> drafts, Optional<Draft> last) {
        String text = passage.text();
        List<Draft> all = new ArrayList<>();
        note.drafts().stream()
                .filter(d -> !course.isTold() || d.matter() != FindingKind.REMARK)
                .filter(d -> !course.isTold() || Statements.isClaimed(d.matter(), text))
                .forEach(all::add);
        Optional<Draft.Place> place = course.within(passage.start(), passage.start() + text.length());
        for (Statements.Stated stated : Statements.in(text, transcript.lately(passage.start(), LATELY_S))) {
            boolean known = all.stream().anyMatch(d -> covers(d, stated.matter()));
            if (!known) {
                Traits traits = SideWords.in(text)
                        .map(c -> Traits.NONE.withClock(Optional.of(c)))
                        .orElse(Traits.NONE);
                all.add(new Draft(
                        stated.matter(),
                        place,
                        Optional.empty(),
                        traits,
                        stated.certainty(),
                        text.strip(),
                        "",
                        stated.at()));
            }
        }
        if (all.isEmpty() && SAME.matcher(text.toLowerCase(Locale.ROOT)).lookingAt()) {
            last.filter(d -> d.place().isPresent()).ifPresent(d -> all.add(again(d, text)));
        }
        boolean main = all.stream().anyMatch(d -> d.matter() == FindingKind.MAIN_CONNECTION);
        all.removeIf(d -> d.matter() == FindingKind.TIE_IN && (main || ComesIn.isNoPipe(text, last)));
        all.replaceAll(d -> NotFound.isAskedAndDenied(d, text) ? d.ruledOut() : d);
        if (course.isTold()) {
            List<Draft> whole = List.copyOf(all);
            all.removeIf(d -> isFound(d) && NotFound.isFoundBefore(d, whole, text, drafts));
        }
        all.sort(Comparator.comparingInt(Draft::start));
        return course.isTold() ? withoutWhatIsAdvised(all) : all;
    }

    /** "Get the roots cut": what is to be done about a thing finds it no second time. */
    private static List<Draft> withoutWhatIsAdvised(List<Draft> all) {
        boolean advice = all.stream().anyMatch(d -> d.matter() == FindingKind.ADVICE);
        return all.stream()
                .filter(d -> !advice
                        || d.place().isPresent()
                        || !isFound(d)
                        || d.kind().family() == Family.LIMIT)
                .toList();
    }

    /** Whether what the reader understood makes a matter that is stated none of its own. */
    private boolean covers(Draft draft, Topic stated) {
        if (draft.matter() == FindingKind.BOUNDARY && stated == FindingKind.REMARK) {
            return true;
        }
        if (draft.matter() instanceof FindingKind kind && stated instanceof FindingKind other) {
            return kind.broad() == other.broad();
        }
        boolean again = !course.isTold() && stated == Act.SERVICE && draft.matter() == FindingKind.ADVICE;
        return draft.matter().equals(stated)
                || again && draft.traits().details().has(Detail.WHEN);
    }

    /** "Same again, over the top": the last finding, here. */
    private static Draft again(Draft last, String text) {
        Traits traits = SideWords.in(text)
                .map(c -> last.traits().withClock(Optional.of(c)))
                .orElse(last.traits());
        return new Draft(
                last.matter(), Optional.empty(), Optional.empty(), traits, last.certainty(), text.strip(), "", 0);
    }

    static boolean isFound(Draft draft) {
        return draft.matter() instanceof FindingKind k && k.family() != Family.TOLD && k != FindingKind.REMARK;
    }
}
