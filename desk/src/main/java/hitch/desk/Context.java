package hitch.desk;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.desk.hide.HideSheet;
import hitch.desk.play.Player;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;

/**
 * What every bench of an open job works with.
 *
 * @param work the job
 * @param player the footage on show
 * @param theme light or dark
 * @param selected the finding that is chosen; null for none
 * @param wanted the frame that is asked for on Mark; null for none
 * @param bench the number of the bench that is asked for; null for none
 * @param over makes what is asked to lie over the benches for a while, told how to take it away; null for none
 */
public record Context(
        Workspace work,
        Player player,
        Theme theme,
        ObjectProperty<FindingId> selected,
        ObjectProperty<FrameRef> wanted,
        ObjectProperty<Integer> bench,
        ObjectProperty<Function<Runnable, Node>> over) {

    /** Chooses a finding and asks for Mark at one of its frames. */
    public void open(FindingId finding, FrameRef frame) {
        selected.set(finding);
        open(frame);
    }

    /** Asks for Mark at a frame. */
    public void open(FrameRef frame) {
        wanted.set(null);
        wanted.set(frame);
    }

    /** Asks for a bench by its number, 0 to 5. */
    public void show(int number) {
        bench.set(null);
        bench.set(number);
    }

    /** Lays something over the benches for a while. */
    public void lay(Function<Runnable, Node> sheet) {
        over.set(null);
        over.set(sheet);
    }

    /** Asks for what is hidden, at a frame. */
    public void hide(FrameRef frame) {
        lay(leave -> new HideSheet(this, frame, leave));
    }

    public Optional<LocatedFinding> selectedFinding() {
        return Optional.ofNullable(selected.get())
                .flatMap(id -> work.now().survey().finding(id));
    }

    /** Chooses a finding and shows its frame. */
    public void goTo(LocatedFinding found) {
        if (found.finding().id().equals(selected.get())) {
            // Chosen already: say it again, so that whoever waits for a choice hears it.
            selected.set(null);
        }
        selected.set(found.finding().id());
        Optional<Clip> clip = work.now().survey().clip(found.finding().frame().clip());
        if (clip.isEmpty()) {
            work.notices()
                    .say("The clip of " + found.finding().id() + " was left out of the job. Add it again on Load.");
            return;
        }
        player.seek(clip.get(), found.finding().frame());
    }

    /** Holds a frame on the footage; nothing where its clip was left out. */
    public void show(FrameRef frame) {
        work.now().survey().clip(frame.clip()).ifPresent(clip -> {
            player.playingProperty().set(false);
            player.seek(clip, frame);
        });
    }
}
