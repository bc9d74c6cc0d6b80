package hitch.core.caption;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads captions: SubRip, WebVTT (W3C), and plain lines of {@code [m:ss] text}. What is damaged is left out; the rest is
 * read.
 */
public final class CaptionReader {
    private static final String CLOCK = "(?:(\\d{1,3}):)?(\\d{1,3}):(\\d{1,2})(?:[.,](\\d{1,3}))?";
    private static final Pattern TIMES = Pattern.compile("^\\s*" + CLOCK + "\\s*--+>\\s*" + CLOCK + ".*");
    private static final Pattern STAMPED =
            Pattern.compile("^\\s*[\\[(]?\\s*" + CLOCK + "\\s*[\\])]?\\s*[-:\u2013]?\\s+?(\\S.*)$");
    private static final Pattern MARKUP = Pattern.compile("<[^<>]{0,200}>|\\{\\\\[^{}]{0,100}\\}");
    /** A line of times, right or wrong: its file is one of timed captions. */
    private static final Pattern ARROW = Pattern.compile("\\d{1,3}:\\d{1,2}(?:[.,]\\d{1,3})?\\s*--+>\\s*-?\\d");

    private static final int LONGEST_TIMES = 200;
    /** How long a plain line stands when nothing follows it, seconds. */
    private static final double LAST_LINE_S = 4;

    private CaptionReader() {}

    /** The captions of a file's text in order of time; empty where it holds none. */
    public static List<Cue> read(String text) {
        List<String> lines =
                (text.startsWith("\ufeff") ? text.substring(1) : text).lines().toList();
        boolean timed = isTimed(lines);
        List<Cue> cues = new ArrayList<>(timed ? timed(lines) : stamped(lines));
        cues.sort(Comparator.comparingDouble(Cue::start));
        return List.copyOf(cues);
    }

    /** Whether a text is of captions with times, be they right or wrong. */
    public static boolean isTimed(String text) {
        return isTimed(text.lines().toList());
    }

    private static boolean isTimed(List<String> lines) {
        return lines.stream()
                .anyMatch(l -> l.contains("->")
                        && l.length() < LONGEST_TIMES
                        && ARROW.matcher(l).find());
    }

    private static List<Cue> timed(List<String> lines) {
        List<Cue> cues = new ArrayList<>();
        int i = 0;
        while (i < lines.size()) {
            Matcher times = lines.get(i).contains("->") ? TIMES.matcher(lines.get(i)) : null;
            i++;
            if (times == null || !times.matches()) {
                continue;
            }
            StringBuilder words = new StringBuilder();
            while (i < lines.size() && !lines.get(i).isBlank() && !lines.get(i).contains("-->")) {
                // A cue's number standing right above the next time line is not spoken.
                boolean number = i + 1 < lines.size()
                        && lines.get(i + 1).contains("-->")
                        && lines.get(i).strip().matches("\\d+");
                if (!number) {
                    words.append(words.isEmpty() ? "" : " ").append(lines.get(i).strip());
                }
                i++;
            }
            add(cues, seconds(times, 1), seconds(times, 5), words.toString());
        }
        return cues;
    }

    private static List<Cue> stamped(List<String> lines) {
        List<Cue> open = new ArrayList<>();
        for (String line : lines) {
            Matcher stamp = STAMPED.matcher(line);
            if (stamp.matches()) {
                add(open, seconds(stamp, 1), Double.POSITIVE_INFINITY, stamp.group(5));
            } else if (!open.isEmpty() && !line.isBlank()) {
                Cue last = open.removeLast();
                add(open, last.start(), last.end(), last.text() + " " + line.strip());
            }
        }
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < open.size(); i++) {
            double start = open.get(i).start();
            double next = i + 1 < open.size() ? Math.max(start, open.get(i + 1).start()) : start + LAST_LINE_S;
            cues.add(new Cue(start, next, open.get(i).text()));
        }
        return cues;
    }

    private static void add(List<Cue> cues, double start, double end, String words) {
        String text = MARKUP.matcher(words)
                .replaceAll("")
                .replace("&amp;", "&")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&nbsp;", " ")
                .replaceAll("\\s+", " ")
                .strip();
        if (!text.isEmpty() && end >= start) {
            cues.add(new Cue(start, end, text));
        }
    }

    private static double seconds(Matcher m, int group) {
        double hours = m.group(group) == null ? 0 : Integer.parseInt(m.group(group));
        double whole =
                hours * 3600 + Integer.parseInt(m.group(group + 1)) * 60.0 + Integer.parseInt(m.group(group + 2));
        String part = m.group(group + 3);
        return part == null ? whole : whole + Integer.parseInt(part) / Math.pow(10, part.length());
    }
}
