package hitch.store.described;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.PictureSize;
import hitch.core.finding.StillDrawing;
import hitch.core.footage.Drawn;
import hitch.core.gauge.SizeSort;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What was measured of a finding on pictures, and drawn on its still. */
final class MarkForms {
    private static final Pattern MARK =
            Pattern.compile("([a-z]+) (\\d{1,5}) (-?\\d{1,6},-?\\d{1,6}(?: -?\\d{1,6},-?\\d{1,6})*)(?: : (.*))?");

    private MarkForms() {}

    static Object sizes(List<PictureSize> sizes) {
        return sizes.stream().map(MarkForms::size).toList();
    }

    private static Map<String, Object> size(PictureSize size) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("what", size.sort().word());
        written.put("value", String.valueOf(size.value()));
        written.put("error", String.valueOf(size.error()));
        size.clock().ifPresent(c -> written.put("clock", Texts.clock(c)));
        written.put("footage", FindingForms.frame(size.frame()));
        if (!size.drawn().isEmpty()) {
            written.put("drawn", size.drawn().stream().map(MarkForms::mark).toList());
        }
        return written;
    }

    static List<PictureSize> sizes(Value value) throws DescribedException {
        List<PictureSize> read = new ArrayList<>();
        for (Value one : value.list()) {
            Map<String, Value> parts = one.map();
            if (!parts.keySet().containsAll(List.of("what", "value", "error", "footage"))) {
                throw one.wrong("a measured size needs what, value, error and footage");
            }
            Value what = parts.get("what");
            String word = what.text();
            SizeSort sort = Texts.word(word, List.of(SizeSort.values()), SizeSort::word)
                    .orElseThrow(() -> what.wrong("\"" + word + "\" is nothing that is measured; there are "
                            + Texts.words(SizeSort.values(), SizeSort::word)));
            Optional<ClockPosition> clock =
                    parts.containsKey("clock") ? Texts.clock(parts.get("clock").text()) : Optional.empty();
            read.add(new PictureSize(
                    sort,
                    number(parts.get("value")),
                    number(parts.get("error")),
                    clock,
                    FindingForms.frame(parts.get("footage")),
                    parts.containsKey("drawn") ? marks(parts.get("drawn")) : List.of()));
        }
        return read;
    }

    private static double number(Value value) throws DescribedException {
        String text = value.text();
        if (!text.matches("\\d{1,7}(\\.\\d{1,3})?")) {
            throw value.wrong("millimetres, or percent of a share, were meant here, such as 12.7");
        }
        return Double.parseDouble(text);
    }

    static Object drawing(StillDrawing drawing) {
        Map<String, Object> written = new LinkedHashMap<>();
        written.put("footage", FindingForms.frame(drawing.frame()));
        written.put("marks", drawing.marks().stream().map(MarkForms::mark).toList());
        return written;
    }

    static StillDrawing drawing(Value value) throws DescribedException {
        Map<String, Value> parts = value.map();
        if (!parts.keySet().containsAll(List.of("footage", "marks"))) {
            throw value.wrong("a drawing needs footage and marks");
        }
        return new StillDrawing(FindingForms.frame(parts.get("footage")), marks(parts.get("marks")));
    }

    private static String mark(Drawn mark) {
        return mark.form().name().toLowerCase(Locale.ROOT) + " " + mark.wide() + " "
                + mark.places().stream().map(p -> p.x() + "," + p.y()).collect(Collectors.joining(" "))
                + (mark.words().isEmpty() ? "" : " : " + mark.words());
    }

    private static List<Drawn> marks(Value value) throws DescribedException {
        List<Drawn> read = new ArrayList<>();
        for (Value one : value.list()) {
            Matcher m = MARK.matcher(one.text());
            Optional<Drawn.Form> form = m.matches()
                    ? Texts.word(
                            m.group(1),
                            List.of(Drawn.Form.values()),
                            f -> f.name().toLowerCase(Locale.ROOT))
                    : Optional.empty();
            if (form.isEmpty()) {
                throw one.wrong("a mark was meant here, such as: line 0 1200,3400 5000,3400");
            }
            List<Drawn.Spot> places = new ArrayList<>();
            for (String pair : m.group(3).split(" ")) {
                String[] xy = pair.split(",");
                places.add(new Drawn.Spot(Integer.parseInt(xy[0]), Integer.parseInt(xy[1])));
            }
            read.add(new Drawn(form.get(), places, Integer.parseInt(m.group(2)), m.group(4) == null ? "" : m.group(4)));
        }
        return read;
    }
}
