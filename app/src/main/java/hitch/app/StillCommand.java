package hitch.app;

import hitch.media.MediaException;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.render.Still;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "still",
        description = {
            "Writes frames of a footage file as PNG, pixel for pixel as stored and upright.",
            "Frames are counted in the order they are shown, from 0."
        },
        footer = {
            "",
            "Example:",
            "  ./hitch still street.mp4 --frames 10,200,311 --out OUT",
            "  ./hitch still street.mp4 --at 12.5 --out OUT"
        },
        mixinStandardHelpOptions = true)
final class StillCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "FILE", description = "Footage file; it is only read.")
    private Path file;

    @Option(names = "--frames", split = ",", paramLabel = "N", description = "Numbers of frames, from 0.")
    private List<Integer> frames = new ArrayList<>();

    @Option(names = "--at", split = ",", paramLabel = "SECONDS", description = "Times after the first frame.")
    private List<Double> times = new ArrayList<>();

    @Option(names = "--square", description = "Stretches to square pixels, as a player shows it.")
    private boolean square;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder to write into.")
    private Path out;

    @Override
    public Integer call() throws MediaException, StoreException {
        OutFolder.checked(out, List.of(file));
        ClipFacts facts = ClipIndexer.index(file);
        List<Integer> wanted = new ArrayList<>(frames);
        for (double seconds : times) {
            long pts = facts.frames().firstPts() + facts.frames().base().ticks(seconds);
            if (!(seconds >= 0) || pts >= facts.frames().endPts()) {
                throw new MediaException(file.getFileName() + " has nothing at " + seconds + " s; it is "
                        + length(facts) + " s long. Nothing was written.");
            }
            wanted.add(facts.frames().numberAt(pts));
        }
        if (wanted.isEmpty()) {
            throw new MediaException("Say which frames: --frames 10,200 or --at 12.5.");
        }
        for (int number : wanted) {
            if (number < 0 || number >= facts.frames().count()) {
                throw new MediaException(file.getFileName() + " has no frame " + number + "; its frames are 0 to "
                        + (facts.frames().count() - 1) + ". Nothing was written.");
            }
        }
        return write(facts, wanted);
    }

    private int write(ClipFacts facts, List<Integer> wanted) throws MediaException {
        int missing = 0;
        try (FrameReader reader =
                new FrameReader(file, facts.index(), square ? PictureShape.AS_SHOWN : PictureShape.AS_STORED)) {
            for (int number : wanted) {
                Picture picture = reader.frame(number);
                int shown = facts.frames().numberAt(picture.pts());
                if (shown != number) {
                    missing++;
                    spec.commandLine()
                            .getErr()
                            .println("Frame " + number + " is damaged and cannot be decoded; frame " + shown
                                    + " stands before it.");
                    continue;
                }
                Path still = out.resolve(String.format(Locale.ROOT, "frame-%06d.png", number));
                Still.save(picture, still);
                spec.commandLine().getOut().println(still);
            }
        }
        return missing == 0 ? 0 : 1;
    }

    private static String length(ClipFacts facts) {
        return String.format(
                Locale.ROOT,
                "%.1f",
                facts.frames()
                        .base()
                        .seconds(facts.frames().endPts() - facts.frames().firstPts()));
    }
}
