package hitch.store.intake;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.RecordingOrder;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.store.Footage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts clips that came in together behind those that were there, in the order that they were recorded. */
public final class ClipOrder {
    private ClipOrder() {}

    /**
     * @param fresh the clips that came in
     * @return empty where there is nothing to put in order
     */
    public static Optional<Edit> of(Job job, List<Clip> fresh, Footage footage) {
        if (fresh.size() < 2) {
            return Optional.empty();
        }
        Map<ClipId, Long> times = new HashMap<>();
        fresh.forEach(c -> times.put(c.id(), footage.file(c).toFile().lastModified()));
        List<ClipId> order = new ArrayList<>();
        job.clips().stream()
                .filter(c -> fresh.stream().noneMatch(f -> f.id().equals(c.id())))
                .forEach(c -> order.add(c.id()));
        RecordingOrder.of(fresh, times).forEach(c -> order.add(c.id()));
        return Optional.of(new Edit.OrderClips(order));
    }
}
