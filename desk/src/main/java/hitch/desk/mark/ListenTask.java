package hitch.desk.mark;

import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.heard.HeardWord;
import hitch.core.job.Edit;
import hitch.core.note.NoteReader;
import hitch.core.talk.Commentary;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.task.Rank;
import hitch.desk.task.Tasks;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.ClipShelf;
import hitch.store.intake.Listened;
import java.util.List;
import java.util.Optional;

/** Listens to the shown clip in the background, and puts what was said beside it as captions. */
final class ListenTask {
    private final Context desk;
    private final NoteReader reader;

    ListenTask(Context desk, NoteReader reader) {
        this.desk = desk;
        this.reader = reader;
    }

    /** Begins, or goes on where it was stopped; captions that were made before stay as they were edited. */
    void listen() {
        Optional<Clip> shown = desk.player().shown().map(Player.Frame::clip);
        if (shown.isEmpty()) {
            desk.work().notices().say("There is no clip on show to listen to. Add one on Load.");
            return;
        }
        Clip clip = shown.get();
        if (desk.work().now().job().commentary(Listened.id(clip)).isPresent()) {
            desk.work()
                    .notices()
                    .say("What is said on " + clip.fileName()
                            + " is written down already. Take its captions out first (×) to listen anew.");
            return;
        }
        desk.work()
                .tasks()
                .run(
                        "Listening to " + clip.fileName(),
                        Rank.AWAITED,
                        progress -> heard(clip, progress),
                        new Tasks.After<List<HeardWord>>(
                                words -> put(clip, words),
                                desk.work().notices()::say,
                                () -> desk.work()
                                        .notices()
                                        .say("Listening to " + clip.fileName() + " is stopped at "
                                                + ClockText.of(
                                                        shelf().heard(clip).upTo())
                                                + "; what was heard is kept, and it goes on from there.")));
    }

    private ClipShelf shelf() {
        return desk.work().footage().shelf();
    }

    private List<HeardWord> heard(Clip clip, Progress progress) throws MediaException {
        return Listened.to(desk.work().footage(), desk.work().senses().listening(), clip, progress);
    }

    private void put(Clip clip, List<HeardWord> words) {
        Optional<Commentary> said = Listened.captions(clip, words, reader);
        if (said.isEmpty()) {
            desk.work().notices().say("Nobody speaks on " + clip.fileName() + ".");
            return;
        }
        desk.work().apply(new Edit.PutCommentary(said.get()));
        long doubtful = words.stream().filter(HeardWord::isDoubtful).count();
        desk.work()
                .notices()
                .say(words.size() + " words were heard on " + clip.fileName()
                        + (doubtful == 0 ? "" : ", " + doubtful + " of them doubtfully")
                        + ". T shows what was understood.");
    }
}
