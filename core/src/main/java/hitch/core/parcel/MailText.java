package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import java.util.ArrayList;
import java.util.List;

/** A text that one can paste into a mail: what it comes to, what to do, what was not seen, and what lies in the parcel. */
public final class MailText {
    /** What it is called within a parcel. */
    public static final String FILE = "mail.txt";

    private MailText() {}

    /**
     * @param times of the film that goes with it
     */
    public static String write(Disclosure may, Report report, FilmTimes times) {
        List<String> lines = new ArrayList<>();
        lines.add("Subject: " + Report.TITLE + ", " + report.property());
        lines.add("");
        lines.add(report.comesTo().statement());
        list(
                lines,
                "What to do:",
                report.asks().stream()
                        .map(a -> a.what() + " " + sentence(a.when()))
                        .toList());
        list(lines, "Not known:", report.comesTo().unknown());
        list(lines, "What was not seen:", report.unseen());
        lines.add("");
        lines.add("In the folder: open index.html. It plays the film (" + times.length()
                + ") with captions, and a knot on the line plays what lies there. report.pdf says the same on paper.");
        lines.add("");
        lines.addAll(report.cautions());
        String by = may.facts().reviewer();
        String firm = may.facts().firm();
        if (!by.isBlank() || !firm.isBlank()) {
            lines.add("");
            lines.add(by.isBlank() || firm.isBlank() ? by + firm : by + ", " + firm);
        }
        return String.join("\n", lines) + "\n";
    }

    private static String sentence(String words) {
        return words.isEmpty() ? "" : Character.toUpperCase(words.charAt(0)) + words.substring(1) + ".";
    }

    private static void list(List<String> lines, String head, List<String> items) {
        if (!items.isEmpty()) {
            lines.add("");
            lines.add(head);
            items.forEach(i -> lines.add("- " + i));
        }
    }
}
