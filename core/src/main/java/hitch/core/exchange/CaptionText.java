package hitch.core.exchange;

import hitch.core.story.Cutting.Caption;
import java.util.List;
import java.util.Locale;

/** Captions as WebVTT (W3C) and SubRip text. */
public final class CaptionText {
    private CaptionText() {}

    public static String webVtt(List<Caption> captions) {
        StringBuilder out = new StringBuilder("WEBVTT\n");
        for (Caption caption : captions) {
            out.append('\n').append(time(caption.start(), '.')).append(" --> ").append(time(caption.end(), '.'));
            out.append('\n').append(safe(caption.text())).append('\n');
        }
        return out.toString();
    }

    public static String subRip(List<Caption> captions) {
        StringBuilder out = new StringBuilder();
        int number = 1;
        for (Caption caption : captions) {
            out.append(number++).append('\n');
            out.append(time(caption.start(), ',')).append(" --> ").append(time(caption.end(), ','));
            out.append('\n').append(defused(line(caption.text()))).append("\n\n");
        }
        return out.toString();
    }

    /** Text that WebVTT cannot take for markup, a note or a time line. */
    static String safe(String text) {
        return line(text).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String line(String text) {
        return Symbols.shown(text.replaceAll("\\s+", " ").strip());
    }

    /** Without anything that SubRip could take for the times of a cue, however often it is looked at. */
    private static String defused(String text) {
        String now = text;
        while (now.contains("-->")) {
            now = now.replace("-->", "->");
        }
        return now;
    }

    private static String time(double seconds, char point) {
        long ms = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT, "%02d:%02d:%02d%c%03d", ms / 3600000, ms / 60000 % 60, ms / 1000 % 60, point, ms % 1000);
    }
}
