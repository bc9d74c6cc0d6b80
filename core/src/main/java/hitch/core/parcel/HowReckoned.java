package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** How a visit was looked at and reckoned, for whoever reads the report. */
final class HowReckoned {
    private HowReckoned() {}

    static List<String> of(Disclosure may) {
        List<String> all = new ArrayList<>();
        List<Clip> clips = may.runs().stream()
                .flatMap(r -> r.clips().stream())
                .distinct()
                .map(id -> may.source(id).orElse(null))
                .filter(Objects::nonNull)
                .toList();
        if (!clips.isEmpty()) {
            double seconds = clips.stream().mapToDouble(Clip::seconds).sum();
            all.add((clips.size() == 1 ? "One clip" : clips.size() + " clips") + " of footage, "
                    + FilmTimes.clock(seconds) + (clips.size() == 1 ? " long" : " in all")
                    + (may.recipient().isPublic()
                            ? ", show something of this part of the pipe."
                            : ", were reviewed after the visit."));
        }
        all.add("Distances are of cable paid out from the opening, read off the counter in the picture and fitted over "
                + "each way of the camera. What was seen on several ways is told once.");
        all.add("Sizes, shares and depths of water are judged by eye on the picture unless it is said that they were "
                + "measured. How sure a finding is stands with it where it is less than seen.");
        all.add(
                "A still is a frame of the recording as it is. Where it was turned or brightened to be seen better, the "
                        + "frame as recorded lies beside it.");
        return all;
    }
}
