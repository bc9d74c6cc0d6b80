package hitch.core.talk;

import hitch.core.finding.FindingKind;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import hitch.core.talk.place.Course;
import hitch.core.talk.place.Transcript;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Puts what was told where it is: where it was said to be, where the camera stood, or where the thing is that the words are about. */
final class InItsPlace {
    private static final Pattern LATER = Pattern.compile("(?i)\\b(?:on the way|on my way|coming back|later)\\b");

    private static final Pattern THAT = Pattern.compile(
            "(?i)\\b(?:fix|dig|replace|line|repair|address|patch|seal|cap|remove|pull|cut|trim|jet|snake|cable|auger) (?:that|this|it)\\b(?! (?:line|pipe|whole|run|every|week|month|year|time|spring|summer|fall|winter|morning|afternoon))|\\b(?:that|this)(?:'?s| needs| has| wants| should| ought| will need)\\b");
    private static final Pattern THAT_STRETCH = Pattern.compile(
            "(?i)\\b(?:that|this) (?:length|section|stretch|portion) (?:should|ought|has|needs|wants|must|of pipe|is to)\\b");

    /** Said so soon behind a thing, seconds. */
    private static final double SOON_S = 10;

    private final Transcript transcript;
    private final Course course;
    private final Standing standing;
    private final Located located;
    private final ToItsEnd toItsEnd;

    InItsPlace(NoteReader reader, LengthUnit unit, Transcript transcript, Course course) {
        this.transcript = transcript;
        this.course = course;
        this.standing = new Standing(course);
        this.located = new Located(reader, unit);
        this.toItsEnd = new ToItsEnd(course);
    }

    /**
     * @param at where in the text it is named
     * @param drafts what was found before it
     */
    Draft of(Draft draft, int at, Passages.Passage passage, double seconds, List<Spoken> drafts) {
        Draft placed = toItsEnd.of(standing.placed(draft, at, passage.start(), passage.end()), passage);
        boolean told =
                course.isTold() && course.within(passage.start(), passage.end()).isPresent();
        if (draft.matter() == FindingKind.LOCATE && course.isTold() && !told) {
            String lately = transcript.lately(at, Located.SOON_S) + passage.text();
            return at(located.place(lately, drafts).or(() -> advised(passage, seconds, drafts)), placed);
        }
        if (draft.matter() == FindingKind.ADVICE && placed.place().isEmpty()) {
            return placed.at(located.only(passage.text(), drafts)
                    .or(() -> pointed(passage, seconds, drafts))
                    .or(() -> ofThatStretch(passage)));
        }
        boolean shown = draft.matter() == Act.PHOTO
                && !told
                && !LATER.matcher(passage.text()).find();
        return shown ? at(located.shown(passage.text(), drafts), placed) : placed;
    }

    /** What is to be dug is what its depth is told of, when the line is summed up. */
    private Optional<Draft.Place> advised(Passages.Passage passage, double seconds, List<Spoken> drafts) {
        return !course.isBehindLast(passage.start())
                ? Optional.empty()
                : drafts.reversed().stream()
                        .takeWhile(d -> seconds - d.seconds() <= Located.SOON_S)
                        .map(Spoken::draft)
                        .filter(d -> d.matter() == FindingKind.ADVICE)
                        .flatMap(d -> d.place().stream())
                        .filter(Draft.Place::isPoint)
                        .findFirst();
    }

    /** "I'd have that fixed": of the thing that was found just before. */
    private Optional<Draft.Place> pointed(Passages.Passage passage, double seconds, List<Spoken> drafts) {
        boolean there = !drafts.isEmpty()
                && !course.isBehindLast(passage.start())
                && Stating.isFound(drafts.getLast().draft())
                && seconds - drafts.getLast().seconds() <= SOON_S
                && THAT.matcher(passage.text()).find();
        return there ? drafts.getLast().draft().place() : Optional.empty();
    }

    /** "That length should be renewed". */
    private Optional<Draft.Place> ofThatStretch(Passages.Passage passage) {
        return THAT_STRETCH.matcher(passage.text()).find() ? course.lastStretch(passage.start()) : Optional.empty();
    }

    private static Draft at(Optional<Draft.Place> place, Draft draft) {
        return place.map(p -> draft.at(Optional.of(p))).orElse(draft);
    }
}
