package hitch.desk.measure;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.footage.Adjustment;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.LensView;
import hitch.core.gauge.Measured;
import hitch.core.gauge.Measuring;
import hitch.core.gauge.SizeSort;
import hitch.core.gauge.Sized;
import hitch.core.gauge.Tool;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Equipment;
import hitch.core.survey.PipeHere;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.util.Duration;

/**
 * The frame that is held to be measured, and what is found on it. Looking for rings is done in the background; a frame that is
 * no longer on show by then is let go. A frame that has stood still for a moment is looked at before anybody asks, so that what is
 * proposed stands as soon as it is held.
 */
public final class HeldFrame {
    /** Who stops at a frame looks at it longer than who only steps past it. */
    private static final Duration STANDS = Duration.millis(200);

    private final Context desk;
    private final PauseTransition standing = new PauseTransition(STANDS);
    private final BooleanProperty on = new SimpleBooleanProperty();
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private Tool tool = Tool.JOINT;
    private Optional<Measuring> hand = Optional.empty();
    private Optional<Look> done = Optional.empty();
    private Optional<Look> asked = Optional.empty();
    private Optional<Seen> seen = Optional.empty();
    private boolean looking;

    /** A look for rings: at which frame, and by what it is measured. */
    private record Look(FrameRef frame, PipeSize bore, double lensMm, double degrees) {}

    /** What was found on a frame, before any hand. */
    private record Seen(Look by, FrameGauge gauge, GreyPicture picture) {
        Measuring hand() {
            return new Measuring(gauge, picture);
        }
    }

    public HeldFrame(Context desk) {
        this.desk = desk;
        desk.player().shownProperty().addListener((o, was, is) -> hold());
        desk.player().playingProperty().addListener((o, was, is) -> hold());
        desk.work().snapshotProperty().addListener((o, was, is) -> hold());
        on.addListener((o, was, is) -> hold());
        standing.setOnFinished(e -> {
            if (!isLookedAt()) {
                here().ifPresent(this::look);
            }
        });
        hold();
    }

    /** Whether measuring is on. */
    public BooleanProperty onProperty() {
        return on;
    }

    /** Counts whatever changes what is to be drawn or read. */
    public ReadOnlyLongProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }

    /** The frame under the hand, once it has been looked at. */
    public Optional<Measuring> hand() {
        return hand;
    }

    /** What is read off it; proposals that are unsure only where none is surer, and then one of each sort. */
    List<Sized> sizes() {
        List<Sized> all = hand.map(Measuring::sizes).orElse(List.of());
        List<Sized> likely =
                all.stream().filter(s -> s.sure() >= Measured.LIKELY).toList();
        Set<SizeSort> told = EnumSet.noneOf(SizeSort.class);
        return likely.isEmpty() ? all.stream().filter(s -> told.add(s.sort())).toList() : likely;
    }

    /** The frame that is measured. */
    Optional<FrameRef> frame() {
        return hand.flatMap(h -> done).map(Look::frame);
    }

    /** Whether rings were looked for already on the frame that stands, so that holding it shows them at once. */
    public boolean isLookedAt() {
        return here().filter(h -> seen.filter(s -> s.by().equals(h)).isPresent())
                .isPresent();
    }

    /** Whether a frame is being looked at for rings. */
    boolean isLooking() {
        return asked.isPresent();
    }

    Tool tool() {
        return tool;
    }

    public void take(Tool other) {
        tool = other;
        hand.ifPresent(h -> h.take(other));
        changed();
    }

    void changed() {
        changes.set(changes.get() + 1);
    }

    /** How the picture is to be looked at, by which clocks are told. */
    Adjustment wanted() {
        return frame().map(desk.work()::adjustmentAt).orElse(Adjustment.NONE);
    }

    /** How wide the pipe is here; empty where nobody said, and nothing can be measured. */
    public Optional<PipeSize> bore() {
        return desk.player().shown().flatMap(f -> PipeHere.bore(survey(), f.ref()));
    }

    private Equipment gear(FrameRef frame) {
        return PipeHere.gear(survey(), frame);
    }

    private Survey survey() {
        return desk.work().now().survey();
    }

    /** The frame that stands, and by what it would be measured; empty while the clip plays and where no bore is known. */
    private Optional<Look> here() {
        if (desk.player().playingProperty().get()) {
            return Optional.empty();
        }
        return desk.player()
                .shown()
                .flatMap(f -> bore().map(b -> new Look(
                        f.ref(),
                        b,
                        gear(f.ref()).lensHeight(b).mm(),
                        gear(f.ref()).lens().map(Integer::doubleValue).orElse(LensView.USUAL_DEGREES))));
    }

    private void hold() {
        standing.playFromStart();
        Optional<Look> wanted = on.get() ? here() : Optional.empty();
        if (wanted.isPresent() && wanted.equals(done)) {
            return;
        }
        if (hand.isPresent() && !wanted.equals(done)) {
            hand = Optional.empty();
            done = Optional.empty();
            changed();
        }
        boolean news = !Objects.equals(asked, wanted);
        asked = wanted;
        if (news) {
            asked.ifPresent(this::found);
            changed();
        }
    }

    /** What was found on a frame, at once where it was looked at already. */
    private void found(Look frame) {
        Optional<Seen> already = seen.filter(s -> s.by().equals(frame));
        if (already.isPresent()) {
            take(already.get());
        } else {
            look(frame);
        }
    }

    private void look(Look now) {
        if (looking || desk.player().shown().isEmpty()) {
            return;
        }
        Player.Frame frame = desk.player().shown().get();
        looking = true;
        desk.work()
                .inBackground(
                        () -> {
                            try {
                                return Optional.of(seen(frame, now));
                            } catch (MediaException | RuntimeException unreadable) {
                                return Optional.<Seen>empty();
                            }
                        },
                        found -> looked(now, found));
    }

    private void looked(Look of, Optional<Seen> found) {
        looking = false;
        seen = found.or(() -> seen);
        if (asked.filter(of::equals).isEmpty()) {
            asked.ifPresent(this::found);
        } else if (found.isPresent()) {
            take(found.get());
        } else {
            asked = Optional.empty();
            done = Optional.of(of);
            desk.work()
                    .notices()
                    .say("This frame could not be read, so nothing can be measured on it. Try the one beside it.");
            changed();
        }
    }

    private void take(Seen found) {
        asked = Optional.empty();
        done = Optional.of(found.by());
        Measuring fresh = found.hand();
        fresh.take(tool);
        hand = Optional.of(fresh);
        changed();
    }

    /** Measured is what was recorded, however it is looked at. */
    private Seen seen(Player.Frame frame, Look by) throws MediaException {
        Picture picture = frame.picture();
        if (!frame.adjustment().isNone()) {
            try (FrameReader reader = desk.work().footage().reader(frame.clip(), PictureShape.FOR_SCREEN)) {
                picture = reader.at(by.frame().pts());
            }
        }
        GreyPicture grey = GreyPicture.of(picture.width(), picture.height(), picture.rgb());
        return new Seen(
                by,
                FrameGauge.of(
                        grey,
                        LensView.across(picture.width(), picture.height(), by.degrees()),
                        by.bore().bore().mm(),
                        by.lensMm()),
                grey);
    }
}
