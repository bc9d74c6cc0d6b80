package hitch.desk;

import hitch.core.finding.Finding;
import hitch.media.MediaException;
import hitch.store.Stills;
import java.nio.file.Files;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/** Takes the still of each finding that has none yet, in the background. What was only described has no footage to take one from. */
final class StillTaker {
    private final Workspace work;
    private final ReadOnlyLongWrapper taken = new ReadOnlyLongWrapper();

    StillTaker(Workspace work) {
        this.work = work;
    }

    /** Rises each time a still has been taken. */
    ReadOnlyLongProperty takenProperty() {
        return taken.getReadOnlyProperty();
    }

    void take(Finding finding) {
        if (work.now().job().clip(finding.frame().clip()).isEmpty()) {
            return;
        }
        work.inBackground(
                () -> {
                    if (Files.exists(work.still(finding))) {
                        return false;
                    }
                    try {
                        Stills.take(work.folder(), work.footage(), finding);
                    } catch (MediaException e) {
                        throw new MediaException("No still of " + finding.id() + ": " + e.getMessage(), e);
                    }
                    return true;
                },
                done -> taken.set(taken.get() + (done ? 1 : 0)));
    }
}
