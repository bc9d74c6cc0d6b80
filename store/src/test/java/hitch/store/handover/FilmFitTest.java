package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.sketch.FilmMap;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.film.FilmShape;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilmFitTest {
    private static final FilmShape FULL = new FilmShape(960, 540, 25, 1_200_000);

    /** Nothing fits into that. */
    private static final long LEAST = 2_000_000;

    @TempDir
    Path folder;

    @Test
    void whatFitsIsFoundByWhatIsMeasuredAndTheParcelKeepsWithinIt() throws Exception {
        Delivered job = new Delivered(folder.resolve("job"));
        Disclosure may = Disclosure.of(job.survey(), Recipient.HOMEOWNER);
        FilmFit fit = new FilmFit(may, FilmMap.of(job.survey()), job.footage);
        long most = LEAST;
        Optional<FilmFit.Fit> found = Optional.empty();
        while (found.isEmpty()) {
            most *= 2;
            found = within(fit, most);
        }
        FilmFit.Fit tight = found.get();
        assertThat(tight.rest() + tight.film().bytes()).isLessThanOrEqualTo(most);
        assertThat(tight.film().likeness()).isBetween(0.5, 1.0);
        assertThat(tight.words()).startsWith("The parcel comes to about ").contains("like the full film");
        Path out = folder.resolve("out");
        job.delivery().filming(Delivered.wish(), tight.film().shape()).write(Recipient.HOMEOWNER, out, Progress.NONE);
        long bytes = 0;
        for (String file : OutFolder.filesIn(out)) {
            bytes += Files.size(out.resolve(file));
        }
        assertThat(bytes).isLessThanOrEqualTo(most);
        assertThatThrownBy(() -> fit.within(Delivered.wish(), FULL, LEAST, Progress.NONE))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("does not fit into");
    }

    private static Optional<FilmFit.Fit> within(FilmFit fit, long most) throws MediaException {
        try {
            return Optional.of(fit.within(Delivered.wish(), FULL, most, Progress.NONE));
        } catch (StoreException e) {
            return Optional.empty();
        }
    }
}
