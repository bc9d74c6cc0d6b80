package hitch.desk;

import hitch.core.run.Equipment;
import hitch.store.FirmFolder;
import hitch.store.FirmHeads;
import java.util.Optional;

/** The firm's camera heads as an open job sees them: what a lens was found to see stays with its head. Used on the interface thread. */
public final class HeadBook {
    private final FirmFolder folder;
    private final Workspace work;
    private FirmHeads heads = FirmHeads.NONE;

    HeadBook(FirmFolder folder, Workspace work) {
        this.folder = folder;
        this.work = work;
        again();
    }

    void again() {
        work.inBackground(folder::heads, read -> heads = read);
    }

    /** The same with the lens of its head, where nobody told one and the firm knows it. */
    public Equipment known(Equipment gear) {
        return gear.lens().isPresent() ? gear : gear.withLens(gear.head().flatMap(heads::lensOf));
    }

    /** Keeps what the lens of a head sees; nothing where nobody told which head it is. */
    public void saw(Equipment gear, int degrees) {
        gear.head().filter(h -> !heads.lensOf(h).equals(Optional.of(degrees))).ifPresent(h -> {
            FirmHeads next = heads.with(h, degrees);
            heads = next;
            work.inBackground(
                    () -> {
                        folder.keep(next);
                        return next;
                    },
                    kept -> {});
        });
    }
}
