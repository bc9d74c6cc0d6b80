package hitch.core.finding;

import hitch.core.detail.Detail;
import hitch.core.finding.FindingKind.Family;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Which details can be said of a kind of finding: what a form offers, and what a note's words are taken for. */
public final class Asked {
    private static final List<Detail<?>> OF_CONDITIONS = List.of(
            Detail.OR,
            Detail.STATE,
            Detail.CAUSE,
            Detail.CAUSED_BY,
            Detail.HOLDS,
            Detail.WITH,
            Detail.COUNT,
            Detail.PHASE,
            Detail.TOOL,
            Detail.FRAME,
            Detail.WHO,
            Detail.LOOK_AGAIN);
    private static final List<Detail<?>> OF_FEATURES = List.of(
            Detail.OR,
            Detail.STATE,
            Detail.COUNT,
            Detail.MARK,
            Detail.FRAME,
            Detail.CAUSE,
            Detail.HOLDS,
            Detail.WITH,
            Detail.WHO,
            Detail.LOOK_AGAIN);

    private static final Map<FindingKind, List<Detail<?>>> MORE = new EnumMap<>(FindingKind.class);

    static {
        MORE.put(FindingKind.OFFSET, List.of(Detail.STEP));
        MORE.put(FindingKind.GAP, List.of(Detail.FACE));
        MORE.put(FindingKind.DEFORMATION, List.of(Detail.SHAPE));
        MORE.put(FindingKind.SCALE, List.of(Detail.LEFT));
        MORE.put(FindingKind.STANDING_WATER, List.of(Detail.WATER));
        MORE.put(FindingKind.PAPER, List.of(Detail.WATER));
        MORE.put(FindingKind.BLOCKAGE, List.of(Detail.WATER));
        MORE.put(FindingKind.TIE_IN, List.of(Detail.MADE, Detail.BRANCH));
        MORE.put(FindingKind.OPENING, List.of(Detail.SURFACE));
        MORE.put(FindingKind.BOUNDARY, List.of(Detail.EVIDENCE, Detail.WHO, Detail.SURFACE));
        MORE.put(
                FindingKind.MAIN_CONNECTION,
                List.of(Detail.MADE, Detail.BEYOND, Detail.WAY, Detail.STREET, Detail.EVIDENCE));
        MORE.put(FindingKind.LIMIT, List.of(Detail.CAUSE, Detail.GEAR));
        MORE.put(FindingKind.PART_SEEN, List.of(Detail.SEEN_SHARE, Detail.CAUSE, Detail.GEAR));
        MORE.put(FindingKind.LOCATE, List.of(Detail.ASKS));
        MORE.put(
                FindingKind.FIXTURE_TEST,
                List.of(Detail.ROOM, Detail.COUNT, Detail.RAN, Detail.ARRIVED, Detail.DELAY, Detail.BRANCH));
        MORE.put(FindingKind.EQUIPMENT, List.of(Detail.GEAR));
        MORE.put(FindingKind.SURFACE, List.of(Detail.SURFACE, Detail.MARK));
        MORE.put(FindingKind.CLEANED, List.of(Detail.TOOL, Detail.TOOL_WIDTH, Detail.PHASE, Detail.WHEN, Detail.MARK));
        MORE.put(FindingKind.SYMPTOM, List.of(Detail.CAUSE, Detail.ROOM, Detail.COUNT, Detail.WHEN, Detail.WHO));
        MORE.put(FindingKind.PROMISE, List.of(Detail.WHEN, Detail.BRANCH, Detail.KEPT));
        MORE.put(FindingKind.ADVICE, List.of(Detail.ASKS, Detail.WHO, Detail.WHEN));
        MORE.put(
                FindingKind.REMARK,
                List.of(
                        Detail.MARK,
                        Detail.SURFACE,
                        Detail.FRAME,
                        Detail.ROOM,
                        Detail.BRANCH,
                        Detail.WHEN,
                        Detail.WHO,
                        Detail.ASKS,
                        Detail.CAUSE,
                        Detail.COUNT));
    }

    private Asked() {}

    /** The details of a kind, its own first. */
    public static List<Detail<?>> of(FindingKind kind) {
        List<Detail<?>> all = new ArrayList<>(MORE.getOrDefault(kind, List.of()));
        if (kind.family() == Family.CONDITION || kind.family() == Family.WATER) {
            all.addAll(OF_CONDITIONS);
        } else if (kind.family() == Family.FEATURE && kind != FindingKind.REMARK) {
            all.addAll(OF_FEATURES);
        }
        return all.stream().<Detail<?>>map(d -> d).distinct().toList();
    }
}
