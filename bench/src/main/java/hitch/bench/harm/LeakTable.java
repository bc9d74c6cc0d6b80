package hitch.bench.harm;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingsJson;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.survey.PlaceWords;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.StoreException;
import hitch.store.handover.Delivery;
import hitch.store.handover.EvidenceCut;
import hitch.store.handover.Seen;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/**
 * Hands jobs by chance to a district and searches all that was written: each byte for names, secrets and private places,
 * each decoded picture for the private side and for names burned in. The footage itself and the firm's own data are searched
 * likewise: there all of it must be found, or the search is none.
 */
public final class LeakTable {
    /** Letters a second of a voice that only takes time. */
    private static final int LETTERS = 2000;

    private static final Narrator VOICE =
            text -> new Sound(new float[text.length() * Narrator.RATE / LETTERS], Narrator.RATE);

    /**
     * What came of the search.
     *
     * @param jobs how many jobs were handed over
     * @param files how many files were searched
     * @param pictures how many decoded pictures
     * @param finds what was found that may not be there, a line each
     * @param control what the search found in the firm's own files, of each sort
     */
    public record Outcome(int jobs, int files, long pictures, List<String> finds, Set<String> control) {}

    /** What a search can find: a secret, the private side, a name burned in. */
    private static final int SORTS = 3;

    private final Path scratch;
    private final Consumer<String> say;
    private final List<String> finds = new ArrayList<>();
    private final Set<String> control = new LinkedHashSet<>();
    private int files;
    private long pictures;

    public LeakTable(Path scratch, Consumer<String> say) {
        this.scratch = scratch;
        this.say = say;
    }

    /** @param jobs how many; the chance of each is made from {@code seed} and its number */
    public Outcome run(int jobs, long seed) throws MediaException, StoreException, IOException {
        for (int i = 0; i < jobs; i++) {
            Path folder = Files.createDirectories(scratch.resolve("job-" + i));
            RandomJob made = new RandomJob(folder, new Random(seed * 1_000_003 + i));
            Map<ClipId, Watched> watched = Seen.all(made.footage(), made.job(), Progress.NONE);
            Survey survey = Reckoner.survey(made.job(), watched);
            int before = finds.size();
            search(deliver(survey, made, Recipient.DISTRICT, folder), made, survey);
            say.accept(
                    "job " + i + ": " + (finds.size() == before ? "nothing found" : finds.size() - before + " finds"));
            finds.subList(before, finds.size()).forEach(f -> say.accept("  " + f));
            if (control.size() < SORTS) {
                control(made, survey, folder);
            }
        }
        say.accept(jobs + " jobs, " + files + " files, " + pictures + " pictures: " + finds.size() + " finds");
        return new Outcome(jobs, files, pictures, List.copyOf(finds), Set.copyOf(control));
    }

    /** Searches the footage itself and the firm's own data, in which there is something of each sort to be found. */
    private void control(RandomJob made, Survey survey, Path folder) throws IOException, MediaException {
        List<String> own = List.copyOf(finds);
        int searched = files;
        long looked = pictures;
        finds.clear();
        Path firm = Files.createDirectories(folder.resolve("firm"));
        Files.writeString(firm.resolve("findings.json"), FindingsJson.write(Disclosure.of(survey, Recipient.FIRM)));
        Clip clip = survey.clips().getFirst();
        Files.copy(made.footage().file(clip), firm.resolve("clip.mp4"));
        search(firm, made, survey);
        finds.forEach(f -> control.add(f.replaceAll(".*: ", "").replaceAll("\"[^\"]*\"", "a secret")));
        finds.clear();
        finds.addAll(own);
        files = searched;
        pictures = looked;
    }

    private static Path deliver(Survey survey, RandomJob made, Recipient recipient, Path folder)
            throws MediaException, StoreException, IOException {
        Path out = folder.resolve("out-" + recipient.word());
        new Delivery(survey, made.footage(), VOICE, Clock.systemUTC(), List.of())
                .write(recipient, out.resolve("set"), Progress.NONE);
        Disclosure may = Disclosure.of(survey, recipient);
        EvidenceCut cut = new EvidenceCut(may, made.footage());
        Path clips = Files.createDirectories(out.resolve("clips"));
        for (LocatedFinding found : survey.findings()) {
            if (may.seen(found).isPresent()) {
                for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
                    cut.write(found, form, 2, 2, clips, Progress.NONE);
                }
            }
        }
        return out;
    }

    private void search(Path folder, RandomJob made, Survey survey) throws IOException, MediaException {
        Set<String> secrets = new LinkedHashSet<>(made.secrets());
        places(survey, made).forEach(secrets::add);
        List<Path> all;
        try (Stream<Path> walk = Files.walk(folder)) {
            all = walk.filter(Files::isRegularFile).sorted().toList();
        }
        for (Path file : all) {
            files++;
            String name = folder.relativize(file).toString();
            String bytes = new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1)
                    .replaceAll("base64,[A-Za-z0-9+/=]+", "");
            String text = name.endsWith(".pdf")
                    ? words(file)
                    : new String(bytes.getBytes(StandardCharsets.ISO_8859_1), StandardCharsets.UTF_8);
            for (String secret : secrets) {
                if (text.contains(secret) || name.contains(secret)) {
                    finds.add(name + ": \"" + secret + "\"");
                }
            }
            pictures(file, name);
        }
    }

    /** What stands in a PDF, whose bytes are packed. */
    private static String words(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    /** The places of what lies on the private side alone, as they are worded; none that also lies on the public side. */
    private static List<String> places(Survey survey, RandomJob made) {
        List<String> hidden = new ArrayList<>();
        List<String> open = new ArrayList<>();
        for (LocatedFinding found : survey.findings()) {
            boolean isPublic = found.extent()
                    .filter(e -> e.to().mm() / 304.8 >= made.boundary() - 0.05)
                    .isPresent();
            survey.line()
                    .place(found, survey.facts().unit())
                    .map(PlaceWords::all)
                    .ifPresent(p -> (isPublic ? open : hidden).add(p));
        }
        hidden.removeIf(p -> open.stream().anyMatch(o -> o.contains(p)));
        return hidden;
    }

    private void pictures(Path file, String name) throws IOException, MediaException {
        if (name.endsWith(".png") || name.endsWith(".jpg")) {
            BufferedImage image = ImageIO.read(file.toFile());
            look(image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()), name);
        } else if (name.endsWith(".mp4")) {
            ClipIndex index = ClipIndexer.index(file).index();
            try (FrameReader reader = new FrameReader(file, index)) {
                for (int n = 0; n < index.frames().count(); n++) {
                    look(reader.frame(n).rgb(), name + " frame " + n);
                }
            }
        }
    }

    private void look(int[] rgb, String where) {
        pictures++;
        String leak = MarkedFootage.leakIn(rgb);
        if (!leak.isEmpty()) {
            finds.add(where + ": " + leak);
        }
    }
}
