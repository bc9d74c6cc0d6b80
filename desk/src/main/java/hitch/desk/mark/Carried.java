package hitch.desk.mark;

import hitch.core.finding.LocatedFinding;
import hitch.core.story.Wording;
import hitch.desk.Context;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.ClipboardContent;

/** A finding as it is carried into another program: its sentence, its still, and its clips where they were written. */
final class Carried {
    private Carried() {}

    static ClipboardContent of(Context desk, LocatedFinding found) {
        ClipboardContent content = new ClipboardContent();
        content.putString(sentence(desk, found));
        List<File> files = files(desk, found);
        if (!files.isEmpty()) {
            content.putFiles(files);
        }
        return content;
    }

    /** What it is and where, in one sentence. */
    static String sentence(Context desk, LocatedFinding found) {
        var survey = desk.work().now().survey();
        String how = found.finding().sizeHow();
        return found.finding().phrase() + (how.isEmpty() ? "" : " (" + how + ")") + ": "
                + Wording.place(found, survey.line(), survey.facts().unit()) + ".";
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
