package hitch.core.exchange;

import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What was understood of a phrase, as keys and values on one line: {@code kind=roots; station=23.4; clock=11-1}. Several drafts
 * stand behind each other with a bar between. Stations are feet from the opening, sizes inches unless they name their unit.
 */
public final class DraftKeys {
    /** Names that are shorter here than in the trade's own words. */
    private static final Map<FindingKind, String> NAMES = Map.of(
            FindingKind.MAIN_CONNECTION, "main",
            FindingKind.REVERSE_GRADE, "reverse",
            FindingKind.LIMIT, "stop",
            FindingKind.FIXTURE_TEST, "fixture");

    private static final Map<Integer, String> SIDES = Map.of(12, "top", 3, "right", 6, "bottom", 9, "left");

    /** A clock is given where one was said; a side in words stays a side. */
    private static final Pattern HOURS = Pattern.compile(
            "o'?\\s?clock|@\\s*(1[0-2]|[1-9])(?!\\d|[.']|\\s*(ft|in|m)\\b)|\\b(1[0-2]|[1-9])\\s*-\\s*(1[0-2]|[1-9])\\b");

    private DraftKeys() {}

    /** All drafts of a phrase; empty where nothing was understood. */
    public static String write(List<Draft> drafts) {
        return drafts.stream().map(DraftKeys::write).collect(Collectors.joining(" | "));
    }

    private static String write(Draft draft) {
        List<String> keys = new ArrayList<>();
        String kind = draft.matter() instanceof FindingKind known
                ? NAMES.getOrDefault(known, known.word())
                : draft.matter().word();
        keys.add("kind=" + kind);
        draft.place().ifPresent(p -> {
            keys.add("station=" + feet(p.from()));
            if (!p.isPoint()) {
                keys.add("to=" + feet(p.to()));
            }
        });
        traits(draft, keys);
        if (draft.certainty() != Certainty.SEEN) {
            keys.add("how_sure=" + draft.certainty().word());
        }
        return String.join("; ", keys);
    }

    private static void traits(Draft draft, List<String> keys) {
        Traits traits = draft.traits();
        traits.clock().ifPresent(c -> keys.add(round(c, draft.wording())));
        traits.share().ifPresent(s -> keys.add("share=" + s));
        traits.depth().ifPresent(d -> keys.add("depth=" + number(d.inFeet()) + " ft"));
        boolean change = draft.matter() == FindingKind.SIZE_CHANGE || draft.matter() == FindingKind.MATERIAL_CHANGE;
        Optional<PipeSize> before = traits.before().size();
        Optional<PipeSize> after = traits.after().size();
        if (change && before.isPresent() && after.isPresent()) {
            keys.add("size=" + inches(before.get()) + " to " + inches(after.get()));
        } else if (traits.size().isPresent()) {
            keys.add("size=" + number(Math.round(traits.size().get().inInches() * 16) / 16.0) + " in");
        } else if (traits.angle().isPresent()) {
            keys.add("size=" + traits.angle().get() + " deg");
        } else {
            after.or(() -> before).ifPresent(s -> keys.add("size=" + inches(s)));
        }
        traits.before().material().ifPresent(m -> keys.add("from_material=" + word(m)));
        traits.after().material().ifPresent(m -> keys.add("material=" + word(m)));
        traits.after().lining().map(Lining::word).ifPresent(l -> keys.add("material=" + l));
    }

    private static String round(ClockPosition clock, String wording) {
        if (clock.all()) {
            return "side=all around";
        }
        boolean hours = HOURS.matcher(wording.toLowerCase(Locale.ROOT)).find();
        if (!hours && clock.from() == clock.to() && SIDES.containsKey(clock.from())) {
            return "side=" + SIDES.get(clock.from());
        }
        return "clock=" + clock.from() + (clock.from() == clock.to() ? "" : "-" + clock.to());
    }

    private static String word(Material material) {
        return material == Material.PVC || material == Material.ABS
                ? "plastic"
                : material.word().replace("fibre", "fiber");
    }

    private static String inches(PipeSize size) {
        return number(size.inInches()) + " in";
    }

    private static String feet(Distance distance) {
        return number(distance.inFeet());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }
}
