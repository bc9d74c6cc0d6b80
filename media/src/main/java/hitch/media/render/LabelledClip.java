package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.UntouchedClip.TrueTimes;
import hitch.media.voice.Narrator;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.file.Path;
import java.util.List;

/** Writes the footage around a finding with a label band under the picture; the picture itself is not drawn over. */
public final class LabelledClip {
    private LabelledClip() {}

    /**
     * @param source the clip's file
     * @param fromPts first time wanted, in the clip's time base
     * @param toPts last time wanted
     * @return the times of the first and last frame shown
     */
    public static TrueTimes write(
            Disclosure may,
            LocatedFinding found,
            Clip clip,
            Path source,
            ClipIndex whole,
            long fromPts,
            long toPts,
            boolean sound,
            Path out,
            Progress progress)
            throws MediaException {
        FrameIndex index = whole.frames();
        int first = index.numberAt(fromPts);
        int last = Math.max(first, index.numberAt(toPts));
        int rate = (int) Math.clamp(Math.round(index.rate()), 5, 60);
        double seconds = index.base().seconds(index.pts(last) - index.pts(first)) + 1.0 / rate;
        int footageWidth = clip.width() / 2 * 2;
        int footageHeight = clip.height() / 2 * 2;
        BufferedImage canvas = new BufferedImage(
                footageWidth, footageHeight + BandPainter.height(footageWidth), BufferedImage.TYPE_INT_RGB);
        VideoWriter.Shape shape = new VideoWriter.Shape(canvas.getWidth(), canvas.getHeight(), rate, 2_500_000, 96_000);
        String title = found.finding().id() + " " + found.finding().kind().word();
        try (FrameReader frames = new FrameReader(source, whole);
                VideoWriter writer = new VideoWriter(out, shape, title, List.of())) {
            long pictures = Math.round(seconds * rate);
            for (int i = 0; i < pictures; i++) {
                progress.at((double) i / pictures, "labelling " + title);
                long pts = index.pts(first) + index.base().ticks((double) i / rate);
                Picture stored = frames.at(pts);
                Picture picture = SeenPicture.of(may, clip.id(), stored);
                canvas.setRGB(0, 0, footageWidth, footageHeight, picture.rgb(), 0, picture.width());
                BandPainter.paint(may, found, clip, picture.pts(), footageHeight, canvas);
                writer.picture(((DataBufferInt) canvas.getRaster().getDataBuffer()).getData());
            }
            double length = (double) pictures / rate;
            writer.sound(
                    sound
                            ? SeenSound.read(
                                            may,
                                            clip.id(),
                                            index.base(),
                                            source,
                                            index.base().seconds(index.pts(first)),
                                            length)
                                    .samples()
                            : new float[(int) Math.round(length * Narrator.RATE)]);
            writer.finish();
        }
        return new TrueTimes(index.pts(first), index.pts(last));
    }
}
