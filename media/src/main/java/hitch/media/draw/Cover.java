package hitch.media.draw;

import hitch.core.footage.Covered;
import hitch.core.footage.Patch;
import hitch.media.clip.Picture;
import java.util.Arrays;
import java.util.List;

/** Covers places on a copy of a picture; nothing of what stood there is left in its pixels. */
public final class Cover {
    private static final int OVER = Palette.SLATE.getRGB() | 0xFF000000;

    private Cover() {}

    /** {@code picture}, as stored or with square pixels, with what is covered at its time. */
    public static Picture over(Picture picture, List<Covered> covered) {
        List<Patch> here =
                covered.stream().flatMap(c -> c.at(picture.pts()).stream()).toList();
        if (here.isEmpty()) {
            return picture;
        }
        int[] rgb = picture.rgb().clone();
        for (Patch patch : here) {
            int left = Patch.pixel(patch.left(), picture.width(), false);
            int right = Patch.pixel(patch.right(), picture.width(), true);
            int bottom = Patch.pixel(patch.bottom(), picture.height(), true);
            for (int y = Patch.pixel(patch.top(), picture.height(), false); y < bottom; y++) {
                Arrays.fill(rgb, y * picture.width() + left, y * picture.width() + right, OVER);
            }
        }
        return new Picture(picture.width(), picture.height(), rgb, picture.pts());
    }
}
