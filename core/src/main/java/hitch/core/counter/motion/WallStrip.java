package hitch.core.counter.motion;

import hitch.core.counter.sight.GreyPicture;

/**
 * The wall of a pipe unrolled from a picture: sectors round, and along each of them samples at even steps of depth. A
 * wall point at depth z is seen at a distance from the middle of the picture that is proportional to 1/z (central
 * projection of a cylinder along its axis), so steps of even depth are steps of 1/r.
 */
final class WallStrip {
    static final int SECTORS = 36;
    static final int ALONG = 96;
    /** Distances from the middle between which the wall is looked at, in half heights of the picture. */
    private static final double OUTER = 0.94;

    private static final double INNER = 0.2;

    /** Samples on either side that are the neighbourhood. */
    private static final int ABOUT = 12;

    private final float[] cells;

    private WallStrip(float[] cells) {
        this.cells = cells;
    }

    /** Depth that a sample spans, in units of the depth at which the wall meets the picture's nearer edge. */
    static double step() {
        return (1 / INNER - 1 / OUTER) / (ALONG - 1);
    }

    static WallStrip of(GreyPicture picture) {
        float[] cells = new float[SECTORS * ALONG];
        double half = Math.min(picture.width(), picture.height()) / 2.0;
        for (int sector = 0; sector < SECTORS; sector++) {
            for (int i = 0; i < ALONG; i++) {
                double r = half / (1 / OUTER + i * step());
                double sum = 0;
                // Three rays a sector, so that a speck does not rule it.
                for (int ray = -1; ray <= 1; ray++) {
                    double angle = (sector + 0.5 + ray * 0.3) * 2 * Math.PI / SECTORS;
                    sum += picture.at((int) Math.round(picture.width() / 2.0 + r * Math.cos(angle)), (int)
                            Math.round(picture.height() / 2.0 + r * Math.sin(angle)));
                }
                cells[sector * ALONG + i] = (float) Math.log(8 + sum / 3);
            }
        }
        return new WallStrip(cells);
    }

    /** What differs from the neighbourhood along the depth, so that the lamp and the iris do not count. */
    float[] detail() {
        float[] detail = new float[cells.length];
        for (int sector = 0; sector < SECTORS; sector++) {
            int row = sector * ALONG;
            for (int i = 0; i < ALONG; i++) {
                int low = Math.max(0, i - ABOUT);
                int high = Math.min(ALONG, i + ABOUT + 1);
                float sum = 0;
                for (int k = low; k < high; k++) {
                    sum += cells[row + k];
                }
                detail[row + i] = cells[row + i] - sum / (high - low);
            }
        }
        return detail;
    }
}
