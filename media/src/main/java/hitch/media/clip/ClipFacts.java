package hitch.media.clip;

import hitch.core.footage.FrameIndex;
import java.util.List;
import java.util.Optional;

/**
 * What a footage file is.
 *
 * @param index every frame and where it comes from
 * @param container short name of the container, such as {@code mp4} or {@code avi}
 * @param picture the picture stream
 * @param sound the sound stream; empty where there is none
 * @param recorded when the file says it was recorded; empty when it does not say
 * @param photo whether it is a photograph: one picture, no footage
 * @param damage what is wrong with the file as its container tells it, a sentence each; scratches inside pictures are
 *     found only by decoding
 */
public record ClipFacts(
        ClipIndex index,
        String container,
        PictureStream picture,
        Optional<SoundStream> sound,
        String recorded,
        boolean photo,
        List<String> damage) {

    /**
     * @param codec short name of the coding, such as {@code h264}
     * @param width stored width, pixels
     * @param height stored height, pixels
     * @param aspectNum width of a stored pixel, against {@code aspectDen} of height; 1 and 1 when square
     * @param turn degrees that the picture is to be turned clockwise to stand as recorded: 0, 90, 180 or 270
     * @param mirrored whether left and right are to be exchanged before it is turned
     * @param interlaced whether the file says that its pictures are two fields each
     */
    public record PictureStream(
            String codec,
            int width,
            int height,
            int aspectNum,
            int aspectDen,
            int turn,
            boolean mirrored,
            boolean interlaced) {

        /** Width as shown: upright, with square pixels. */
        public int shownWidth() {
            return turn % 180 == 0 ? squareWidth() : height;
        }

        /** Height as shown. */
        public int shownHeight() {
            return turn % 180 == 0 ? height : squareWidth();
        }

        /** Stored width stretched to square pixels, an even number; a file of nonsense is left as stored. */
        int squareWidth() {
            double aspect = (double) aspectNum / aspectDen;
            if (aspectNum == aspectDen || aspect < 0.2 || aspect > 5) {
                return width;
            }
            return Math.max(2, (int) Math.round(width * aspect / 2) * 2);
        }
    }

    /**
     * @param codec short name of the coding
     * @param rate samples a second
     * @param channels number of channels
     */
    public record SoundStream(String codec, int rate, int channels) {}

    public FrameIndex frames() {
        return index.frames();
    }
}
