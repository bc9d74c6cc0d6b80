package hitch.desk.mark;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.story.Wording;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.ClipboardContent;

/**
 * A finding as it is carried into another program: its sentence, its still, and its clips where they were written. Nobody knows where
 * it goes from there, so it is what the client may see, and pictures of which something is to be hidden stay here.
 */
final class Carried {
    private Carried() {}

    /** What is carried; empty for a finding that does not leave the firm. */
    static Optional<ClipboardContent> of(Context desk, LocatedFinding found) {
        Survey survey = desk.work().now().survey();
        Disclosure may = Disclosure.of(survey, Recipient.HOMEOWNER);
        return may.finding(found.finding().id()).map(seen -> {
            ClipboardContent content = new ClipboardContent();
            String how = seen.finding().sizeHow();
            content.putString(seen.finding().phrase() + (how.isEmpty() ? "" : " (" + how + ")") + ": "
                    + Wording.place(seen, survey.line(), survey.facts().unit()) + ".");
            List<File> files = hides(may, found.finding().frame()) ? List.of() : files(desk, found);
            if (!files.isEmpty()) {
                content.putFiles(files);
            }
            return content;
        });
    }

    /** Whether something on a frame's clip is to be hidden; its evidence clips run beyond the frame. */
    private static boolean hides(Disclosure may, FrameRef frame) {
        return !may.keptBack().covered(frame.clip()).isEmpty();
    }

    private static List<File> files(Context desk, LocatedFinding found) {
        List<File> files = new ArrayList<>();
        Path still = desk.work().still(found.finding());
        if (Files.exists(still)) {
            files.add(still.toFile());
        }
        String name = found.finding().id().value() + "-";
        File[] cuts = desk.work().folder().cuts().toFile().listFiles((folder, f) -> f.startsWith(name));
        if (cuts != null) {
            files.addAll(List.of(cuts));
        }
        return files;
    }
}
