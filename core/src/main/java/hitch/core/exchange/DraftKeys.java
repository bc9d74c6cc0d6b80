package hitch.core.exchange;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.Frame;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Phase;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
            FindingKind.REPAIR, "makeshift repair",
            FindingKind.PART_SEEN, "remark",
            FindingKind.UNDER_WATER, "remark",
            FindingKind.FIXTURE_TEST, "fixture");

    /** Details that have a key of another name here, or are told by another key. */
    private static final Set<Detail<?>> OTHERWISE = Set.of(
            Detail.OR,
            Detail.LEFT,
            Detail.SEEN_SHARE,
            Detail.PHASE,
            Detail.FRAME,
            Detail.WAY,
            Detail.BEYOND,
            Detail.STREET);

    private static final Map<Integer, String> SIDES = Map.of(12, "top", 3, "right", 6, "bottom", 9, "left");

    /** A clock is given where one was said; a side in words stays a side. */
    private static final Pattern HOURS =
            Pattern.compile("o'?\\s?clo?c?k|@\\s*(1[0-2]|[1-9])(?!\\d|[.'½]|\\s*(ft|in|m)\\b)");

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
        Details details = draft.traits().details();
        keys.add("kind=" + kind + details.get(Detail.OR).map(o -> " or " + o).orElse(""));
        // What the counter showed at its zero is to be taken off.
        draft.place()
                .filter(p -> draft.matter() == Act.ZERO)
                .ifPresent(p -> keys.add("size=" + number(p.from().inFeet()) + " ft"));
        draft.place().filter(p -> draft.matter() != Act.ZERO).ifPresent(p -> {
            keys.add("station=" + feet(p.from()));
            if (!p.isPoint()) {
                keys.add("to=" + feet(p.to()));
            }
            details.get(Detail.BEYOND).ifPresent(b -> keys.add("to=" + feet(p.to().plus(b))));
        });
        traits(draft, keys);
        details(draft, keys);
        if (draft.certainty() != Certainty.SEEN) {
            keys.add("how_sure=" + draft.certainty().word());
        }
        return String.join("; ", keys);
    }

    private static void traits(Draft draft, List<String> keys) {
        Traits traits = draft.traits();
        Optional<Frame> frame = traits.details().get(Detail.FRAME);
        traits.clock()
                .ifPresent(c -> keys.add(round(c, draft.wording())
                        + frame.map(f -> " " + f.word()).orElse("")));
        traits.share().ifPresent(s -> keys.add("share=" + s));
        traits.depth().ifPresent(d -> keys.add("depth=" + number(d.inFeet()) + " ft"));
        boolean change = draft.matter() == FindingKind.SIZE_CHANGE || draft.matter() == FindingKind.MATERIAL_CHANGE;
        Optional<PipeSize> before = traits.before().size();
        Optional<PipeSize> after = traits.after().size();
        if (change && before.isPresent() && after.isPresent()) {
            keys.add("size=" + inches(before.get()) + " to " + inches(after.get()));
        } else if (traits.size().isPresent()) {
            boolean water = draft.matter() == FindingKind.STANDING_WATER;
            keys.add((water ? "depth=" : "size=")
                    + length(traits.size().get(), water || draft.matter() != FindingKind.DROP));
        } else if (traits.angle().isPresent()) {
            keys.add("size=" + traits.angle().get() + " deg");
        } else {
            after.or(() -> before).ifPresent(s -> keys.add("size=" + inches(s)));
        }
        traits.before().material().ifPresent(m -> keys.add("from_material=" + word(m)));
        traits.after().material().ifPresent(m -> keys.add("material=" + word(m)));
        traits.after().lining().map(Lining::word).ifPresent(l -> keys.add("material=" + l));
    }

    private static void details(Draft draft, List<String> keys) {
        Details details = draft.traits().details();
        details.get(Detail.LEFT).or(() -> details.get(Detail.SEEN_SHARE)).ifPresent(s -> keys.add("share=" + s));
        details.get(Detail.PHASE)
                .ifPresent(p -> keys.add("phase="
                        + (p == Phase.BEYOND ? "beyond cleaning" : p.name().toLowerCase(Locale.ROOT))));
        details.get(Detail.WAY).ifPresent(w -> keys.add("side=" + w.word()));
        details.get(Detail.STREET).ifPresent(w -> keys.add("surface=" + w));
        if (draft.matter() == FindingKind.UNDER_WATER && !details.has(Detail.CAUSE)) {
            keys.add("cause=" + FindingKind.STANDING_WATER.word());
        }
        for (Detail<?> detail : details.all()) {
            if (!OTHERWISE.contains(detail)) {
                keys.add(detail.key() + "=" + details.text(detail));
            }
        }
        GroundMark ground = draft.traits().ground();
        if (!ground.mark().isBlank() || !ground.near().isBlank()) {
            keys.add("mark="
                    + Stream.of(ground.mark(), ground.near())
                            .filter(w -> !w.isBlank())
                            .collect(Collectors.joining(" by ")));
        }
        ground.surface().ifPresent(s -> keys.add("surface=" + s.word()));
    }

    private static String round(ClockPosition clock, String wording) {
        if (clock.all()) {
            return "side=all around";
        }
        if (clock.both()) {
            return "side=both";
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
        boolean metric =
                size.bore().mm() % 5 == 0 && !PipeSize.inches(size.inInches()).equals(size);
        return metric ? size.bore().mm() + " mm" : number(size.inInches()) + " in";
    }

    /** Inches; feet where a height is told in whole ones. */
    private static String length(Distance size, boolean inches) {
        boolean feet = !inches
                && size.mm() >= 600
                && Distance.feet(Math.rint(size.inFeet())).equals(size);
        return feet ? number(size.inFeet()) + " ft" : number(Math.round(size.inInches() * 16) / 16.0) + " in";
    }

    private static String feet(Distance distance) {
        return number(distance.inFeet());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }
}
