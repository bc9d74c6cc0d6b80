package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.LastLook;
import hitch.core.story.ScriptWriter;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.survey.spoken.Heard;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.handover.Seen;
import java.io.PrintWriter;
import java.util.List;
import java.util.Map;

/** The survey that something is handed on from, and what is told first of names in it. */
final class HandingOver {
    /** What the option is called that shows writing nobody was asked about. */
    static final String SHOW_WRITING = "--show-writing";

    private HandingOver() {}

    /**
     * @param shown whether writing that nobody was asked about is shown
     */
    static Survey survey(JobFolder folder, Recipient recipient, boolean shown, Progress progress)
            throws MediaException {
        Footage footage = new Footage(folder.folder());
        Map<ClipId, Watched> watched =
                recipient.people() ? footage.watched(folder.job()) : Seen.all(footage, folder.job(), progress);
        Survey survey = heard(Reckoner.survey(folder.job(), watched), folder.job());
        if (!shown) {
            return survey;
        }
        Job job = folder.job()
                .with(new Edit.AnswerWriting(survey.writing().stream()
                        .filter(BurnedIn::isAsked)
                        .map(w -> w.answered(true))
                        .toList()));
        return heard(Reckoner.survey(job, watched), job);
    }

    /** With what was said against it along the clips. */
    static Survey heard(Survey survey, Job job) {
        return Heard.all(
                        job,
                        new TradeNoteReader(job.rules().words()),
                        job.facts().unit())
                .in(survey, job);
    }

    /** Tells what is covered on the pictures, and what may be a name. */
    static void tell(Disclosure may, Survey survey, StoryWish wish, PrintWriter err) {
        List<LastLook.Item> open =
                LastLook.of(may, ScriptWriter.write(may, wish)).open();
        open.forEach(i -> err.println("Nobody looked yet at \"" + i.title() + "\": "
                + (i.name().isBlank() ? "it shows what is above ground." : "the name " + i.name() + " is said.")));
        if (may.recipient().people()) {
            return;
        }
        survey.writing().stream()
                .filter(BurnedIn::isCovered)
                .forEach(w -> err.println("Writing on the pictures of " + w.clip() + ", "
                        + w.writing().patch().words() + ", is covered"
                        + (w.isAsked() ? ": a name may stand there. " + SHOW_WRITING + " shows it." : ".")));
        may.namesFeared()
                .forEach(
                        f -> err.println(
                                "\"" + f.name() + "\" in " + f.where()
                                        + " may be somebody's name. Put it among the names to leave out on Load, or change the words."));
        err.flush();
    }
}
