package hitch.store.handover;

import hitch.core.exchange.CaptionText;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.exchange.FindingsJson;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.story.Audience;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.draw.Adjuster;
import hitch.media.render.SpokenStory;
import hitch.media.render.Still;
import hitch.media.render.StoryRenderer;
import hitch.media.voice.Narrator;
import hitch.paper.ReportPage;
import hitch.store.FileNames;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Writes everything one recipient gets into one folder. */
public final class Delivery {
    private final Survey survey;
    private final Footage footage;
    private final Narrator narrator;
    private final Clock clock;

    public Delivery(Survey survey, Footage footage, Narrator narrator, Clock clock) {
        this.survey = survey;
        this.footage = footage;
        this.narrator = narrator;
        this.clock = clock;
    }

    /**
     * Writes the set.
     *
     * @param out folder to fill; made where it is missing, files of the same names replaced
     * @return the video
     * @throws StoreException where the job must not leave the firm, has nothing for this recipient, or the disk refuses
     * @throws MediaException where footage is missing or was changed
     */
    public Path write(Audience audience, Path out, Progress progress) throws StoreException, MediaException {
        refuse(audience);
        Story story = ScriptWriter.write(survey, audience);
        Map<ClipId, StoryRenderer.Source> sources = sources(story, progress.part(0, 0.03));
        try {
            Files.createDirectories(out.resolve("stills"));
            stills(audience, sources, out, progress.part(0.03, 0.06));
            SpokenStory spoken = SpokenStory.speak(story, narrator, progress.part(0.06, 0.25));
            Cutting cutting = Cutting.of(
                    story,
                    spoken::seconds,
                    shot -> StoryRenderer.around(
                            shot, survey.clip(shot.frame().clip()).orElseThrow()));
            String name = FileNames.safe(survey.facts().title()) + "-" + audience.word();
            Path video = out.resolve(name + ".mp4");
            StoryRenderer.render(story, survey, cutting, spoken, sources, video, progress.part(0.25, 0.98));
            text(out.resolve(name + ".vtt"), CaptionText.webVtt(cutting.captions()));
            text(out.resolve(name + ".srt"), CaptionText.subRip(cutting.captions()));
            StringBuilder csv = new StringBuilder();
            FindingsCsv.write(FindingRow.of(survey, audience), csv);
            text(out.resolve("findings.csv"), csv.toString());
            text(out.resolve("findings.json"), FindingsJson.write(survey, audience));
            text(
                    out.resolve("report.html"),
                    ReportPage.write(survey, audience, video.getFileName().toString()));
            progress.at(0.99, "writing the manifest");
            new Manifest(survey, audience, clock).write(out, products(name, audience), cutting, sources);
            progress.at(1, "done");
            return video;
        } catch (IOException e) {
            throw new StoreException(
                    "The delivery could not be written to " + out + ": " + e.getMessage()
                            + ". The job itself is untouched. Choose another folder or free some space.",
                    e);
        }
    }

    private void refuse(Audience audience) throws StoreException {
        if (survey.facts().internalOnly()) {
            throw new StoreException("This job is marked for internal use only, so nothing was written. "
                    + "Clear that mark on the Load bench if it may leave the firm.");
        }
        if (ScriptWriter.shown(survey, audience).isEmpty()) {
            throw new StoreException("There is nothing for the " + audience.word() + " yet: no finding lies in "
                    + (audience == Audience.DISTRICT ? "the district's part of the line. " : "this job. ")
                    + (audience == Audience.DISTRICT
                            ? "Mark the boundary or the main connection first."
                            : "Mark findings first."));
        }
    }

    /** The clips the story shows, each checked against its fingerprint. */
    private Map<ClipId, StoryRenderer.Source> sources(Story story, Progress progress) throws MediaException {
        Map<ClipId, StoryRenderer.Source> sources = new LinkedHashMap<>();
        for (FindingShot shot : shots(story)) {
            ClipId id = shot.frame().clip();
            if (!sources.containsKey(id)) {
                Clip clip = survey.clip(id)
                        .orElseThrow(() -> new MediaException("The clip of \"" + shot.title()
                                + "\" was left out of the job. Add it again, or remove the finding."));
                footage.verify(clip, progress);
                sources.put(id, new StoryRenderer.Source(footage.file(clip), footage.clipIndex(clip)));
            }
        }
        return sources;
    }

    private void stills(Audience audience, Map<ClipId, StoryRenderer.Source> sources, Path out, Progress progress)
            throws MediaException {
        List<LocatedFinding> shown = ScriptWriter.shown(survey, audience);
        for (int i = 0; i < shown.size(); i++) {
            LocatedFinding found = shown.get(i);
            progress.at((double) i / shown.size(), "taking stills");
            StoryRenderer.Source source = sources.get(found.finding().frame().clip());
            try (FrameReader reader = new FrameReader(source.file(), source.index())) {
                Picture stored = reader.at(found.finding().frame().pts());
                Adjustment adjustment = survey.adjustmentAt(found.finding().frame());
                String name = FindingRow.stillName(found);
                Still.save(Adjuster.apply(stored, adjustment), out.resolve(name));
                if (!adjustment.isNone()) {
                    Still.save(stored, out.resolve(untouched(name)));
                }
            }
        }
    }

    private List<String> products(String name, Audience audience) {
        List<String> products = new java.util.ArrayList<>(
                List.of(name + ".mp4", name + ".vtt", name + ".srt", "findings.csv", "findings.json", "report.html"));
        for (LocatedFinding found : ScriptWriter.shown(survey, audience)) {
            products.add(FindingRow.stillName(found));
            if (!survey.adjustmentAt(found.finding().frame()).isNone()) {
                products.add(untouched(FindingRow.stillName(found)));
            }
        }
        return products;
    }

    /** The name of the still as recorded, beside one that was taken through an adjustment. */
    private static String untouched(String still) {
        return still.replaceAll("\\.png$", "-untouched.png");
    }

    static List<FindingShot> shots(Story story) {
        return story.shots().stream()
                .filter(FindingShot.class::isInstance)
                .map(FindingShot.class::cast)
                .toList();
    }

    private static void text(Path file, String text) throws IOException {
        Files.writeString(file, text, StandardCharsets.UTF_8);
    }
}
