package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.CaptionText;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.exchange.FindingsJson;
import hitch.core.exchange.PhotoRow;
import hitch.core.exchange.TimelineJson;
import hitch.core.parcel.FilmTimes;
import hitch.core.parcel.MailText;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.Story;
import hitch.paper.Beside;
import hitch.paper.ReportPage;
import hitch.paper.ReportPdf;
import hitch.store.seal.SigningKey;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What of a parcel is read: captions, tables, the page, the report as PDF, dates, a text for a mail. */
final class Papers {
    private final Disclosure may;
    private final Path out;
    private final String name;

    /**
     * @param name of the film, without its ending
     */
    Papers(Disclosure may, Path out, String name) {
        this.may = may;
        this.out = out;
        this.name = name;
    }

    /**
     * Writes all of it.
     *
     * @param line the line drawn to scale, for whoever may see all of it
     * @param terms how it will be sealed
     * @return the fingerprint of the record
     */
    String write(
            Story story, Cutting cutting, StillSet stills, Optional<FilmMap> line, Clock clock, int rate, Terms terms)
            throws IOException {
        text(name + ".vtt", CaptionText.webVtt(cutting.captions()));
        text(name + ".srt", CaptionText.subRip(cutting.captions()));
        StringBuilder csv = new StringBuilder();
        FindingsCsv.write(FindingRow.of(may), csv);
        text("findings.csv", csv.toString());
        String record = FindingsJson.write(may);
        text("findings.json", record);
        text(name + ".otio", TimelineJson.write(may, story, cutting, rate, name + ".mp4"));
        Optional<String> calendar = AskCalendar.write(may, clock);
        if (calendar.isPresent()) {
            text(AskCalendar.FILE, calendar.get());
        }
        Marks marks = new Marks(
                Marks.of(record), terms.key().map(SigningKey::fingerprint).orElse(""), terms.issue(), terms.changed());
        Report report = Report.of(may, stills.pairs());
        FilmTimes times = FilmTimes.of(story, cutting);
        List<String> beside = new ArrayList<>(List.of(ReportPdf.FILE, "findings.csv", "findings.json"));
        calendar.ifPresent(c -> beside.add(AskCalendar.FILE));
        beside.add(name + ".srt");
        Beside film = new Beside(name + ".mp4", times, cutting.captions(), line, beside);
        text(ReportPage.FILE, ReportPage.write(may, report, film, marks));
        text(MailText.FILE, MailText.write(may, report, times));
        Map<String, byte[]> pictures = new HashMap<>(stills.printed());
        for (PhotoRow photo : report.photos()) {
            pictures.put(photo.file(), Files.readAllBytes(out.resolve(photo.file())));
        }
        boolean pointed = story.shots().stream()
                .anyMatch(s -> s instanceof FindingShot f && f.pointer().isPresent());
        try (OutputStream pdf = Files.newOutputStream(out.resolve(ReportPdf.FILE))) {
            ReportPdf.write(may, report, film, marks, pictures, pointed, pdf);
        }
        return marks.record();
    }

    private void text(String file, String text) throws IOException {
        Files.writeString(out.resolve(file), text, StandardCharsets.UTF_8);
    }
}
