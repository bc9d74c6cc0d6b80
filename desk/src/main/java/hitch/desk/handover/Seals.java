package hitch.desk.handover;

import hitch.core.parcel.Marks;
import hitch.store.seal.Verified;
import java.util.List;
import java.util.stream.Collectors;

/** What holding a folder against its manifest came to, in a sentence or two. */
public final class Seals {
    private static final int NAMED = 3;

    private Seals() {}

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
