package hitch.desk.mark;

import hitch.core.eyes.ClipWall;
import hitch.core.eyes.LookHere;
import hitch.core.eyes.SecondEyes;
import hitch.core.eyes.SeenWall;
import hitch.core.eyes.WallState;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.MapChangeListener;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Where second eyes look: reckoned anew in the background whenever what is marked, said or read of a counter changes. */
final class EyesBook implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(EyesBook.class);

    private record Reckoned(WallState by, Optional<SeenWall> wall) {}

    private final Context desk;
    private final TalkBook talk;
    private final ReadOnlyObjectWrapper<List<LookHere>> places = new ReadOnlyObjectWrapper<>(List.of());
    private Map<ClipId, Reckoned> reckoned = Map.of();
    /** Of its own, for a long line takes seconds, and pictures are not to wait for that. */
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread one = new Thread(work, "second eyes");
        one.setDaemon(true);
        return one;
    });

    private boolean under;
    private boolean again;

    EyesBook(Context desk, TalkBook talk) {
        this.desk = desk;
        this.talk = talk;
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        desk.work().walls().walls().addListener((MapChangeListener<ClipId, ClipWall>) c -> update());
        talk.linesProperty().addListener((o, was, is) -> update());
        desk.work().firm().profileProperty().addListener((o, was, is) -> update());
        update();
    }

    /** The places, run by run, the best of each first. */
    ReadOnlyObjectProperty<List<LookHere>> placesProperty() {
        return places.getReadOnlyProperty();
    }

    /** Whether any clip of the job was looked along. */
    boolean hasLooked() {
        return !desk.work().walls().walls().isEmpty();
    }

    private void update() {
        if (!isOn() || thread.isShutdown()) {
            places.set(List.of());
            return;
        }
        if (under) {
            again = true;
            return;
        }
        under = true;
        again = false;
        Snapshot now = desk.work().now();
        Map<ClipId, ClipWall> walls = Map.copyOf(desk.work().walls().walls());
        Map<ClipId, Reckoned> before = reckoned;
        List<FrameRef> spoken = SecondEyes.spokenOf(talk.linesProperty().get());
        CompletableFuture.supplyAsync(
                        () -> {
                            Map<ClipId, Reckoned> next = reckoned(now, walls, before);
                            return new Outcome(
                                    next, new SecondEyes(now.job(), now.survey(), seen(next), spoken).places());
                        },
                        thread)
                .whenCompleteAsync(this::found, Platform::runLater);
    }

    private boolean isOn() {
        return desk.work().firm().profileProperty().get().secondEyes() && hasLooked();
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }

    private record Outcome(Map<ClipId, Reckoned> reckoned, List<LookHere> places) {}

    private void found(Outcome outcome, Throwable trouble) {
        under = false;
        if (trouble == null) {
            reckoned = outcome.reckoned();
            places.set(isOn() ? outcome.places() : List.of());
        } else {
            LOG.error("the wall could not be reckoned", trouble);
        }
        if (again) {
            update();
        }
    }

    private static Map<ClipId, Reckoned> reckoned(
            Snapshot now, Map<ClipId, ClipWall> walls, Map<ClipId, Reckoned> before) {
        Map<ClipId, Reckoned> next = new HashMap<>();
        Survey survey = now.survey();
        for (Clip clip : now.job().clipsInUse()) {
            ClipWall wall = walls.get(clip.id());
            if (wall != null) {
                WallState by = WallState.of(now.job(), survey, clip, wall);
                Reckoned known = before.get(clip.id());
                next.put(clip.id(), known != null && known.by().equals(by) ? known : new Reckoned(by, by.seen(survey)));
            }
        }
        return next;
    }

    private static Map<ClipId, SeenWall> seen(Map<ClipId, Reckoned> reckoned) {
        Map<ClipId, SeenWall> seen = new HashMap<>();
        reckoned.forEach((id, r) -> r.wall().ifPresent(w -> seen.put(id, w)));
        return seen;
    }
}
