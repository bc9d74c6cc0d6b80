package hitch.core.disclosure;

import hitch.core.footage.BurnedIn;
import hitch.core.footage.ClipId;
import hitch.core.footage.Covered;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.MutedSound;
import hitch.core.footage.Writing;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** What of a clip's pictures and sound one recipient neither sees nor hears, though it may have the clip. */
public final class KeptBack {
    private final Survey survey;
    private final Recipient recipient;
    private final UnaryOperator<String> told;

    KeptBack(Survey survey, Recipient recipient, UnaryOperator<String> told) {
        this.survey = survey;
        this.recipient = recipient;
        this.told = told;
    }

    /** All that is covered on a clip's pictures. */
    public List<Covered> covered(ClipId clip) {
        return Stream.<Covered>concat(writing(clip).stream(), survey.hiding().areasOf(clip).stream())
                .toList();
    }

    /** Writing that is covered: a name may stand there that this recipient is not to know. */
    public List<Writing> writing(ClipId clip) {
        return recipient.people()
                ? List.of()
                : survey.writing().stream()
                        .filter(w -> w.clip().equals(clip) && w.isCovered())
                        .map(BurnedIn::writing)
                        .toList();
    }

    /** Whether it is known what is written on a clip's pictures, where this recipient is not to see all of it. */
    public boolean isKnownWhatIsWritten(ClipId clip) {
        return recipient.people() || survey.watched().containsKey(clip);
    }

    /** Stretches of a clip's sound that are silent. */
    public List<MutedSound> muted(ClipId clip) {
        return survey.hiding().soundsOf(clip);
    }

    /** What somebody asked to have hidden of a clip's pictures and sound, a sentence each; what it was that they hide is not told. */
    public List<String> hidden(ClipId clip) {
        return Stream.concat(
                        survey.hiding().areasOf(clip).stream()
                                .map((HiddenArea a) -> sentence(a.what(), "hidden", a.askedBy())),
                        survey.hiding().soundsOf(clip).stream()
                                .map((MutedSound s) -> sentence(s.what(), "muted", s.askedBy())))
                .toList();
    }

    private String sentence(String what, String done, String askedBy) {
        String who = told.apply(askedBy);
        return (what.isBlank() ? "a part" : told.apply(what)) + ": " + done
                + (who.isBlank() ? "" : " at the request of " + who);
    }
}
