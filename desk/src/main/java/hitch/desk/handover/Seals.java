package hitch.desk.handover;

import hitch.core.parcel.Marks;
import hitch.desk.Workspace;
import hitch.desk.task.Rank;
import hitch.store.seal.Verified;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;

/** What holding a folder against its manifest came to, in a sentence or two. */
public final class Seals {
    private static final int NAMED = 3;

    private Seals() {}

    /** Holds a folder against its manifest, and tells what it came to. */
    static void check(Workspace work, Path folder) {
        work.longWork(
                "Checking " + folder.getFileName(),
                Rank.ASKED,
                progress -> Verified.of(folder, progress),
                found -> work.notices().say(words(found)));
    }

    public static String words(Verified found) {
        List<Verified.Line> odd = found.lines().stream()
                .filter(l -> l.state() != Verified.State.UNCHANGED)
                .toList();
        String files = odd.isEmpty()
                ? "All " + found.lines().size() + " files are as they were handed over."
                : "This is not as it was handed over: "
                        + odd.stream()
                                .limit(NAMED)
                                .map(l -> l.name() + " is " + l.state().word())
                                .collect(Collectors.joining(", "))
                        + (odd.size() > NAMED ? " and " + (odd.size() - NAMED) + " more" : "") + ".";
        String signed = switch (found.signature().state()) {
            case GOOD ->
                " Signed" + (found.firm().isBlank() ? "" : " by " + found.firm()) + ", key "
                        + Marks.grouped(found.signature().key().substring(0, 16)) + "…";
            case BROKEN -> " The signature does not hold.";
            case NONE -> " It is not signed.";
        };
        return files + signed;
    }
}
