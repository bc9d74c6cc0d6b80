package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;

/**
 * Draws what a lens sees in a drawn pipe: rays are followed to the wall and whatever else they meet, then what stands in the bore is put
 * before them. A few rays are followed first; their neighbours start where those came near something, and what lies between four
 * that meet one smooth piece of wall lies there too.
 */
public final class PipeView {
    /** Every so many pixels, both ways, a ray is followed from the lens. */
    private static final int APART = 8;
    /** Places of the wall whose distances differ by no more than this share lie on one smooth piece of it. */
    private static final float SAME = 0.05f;

    private final Bore bore;
    private final RayWalk walk;
    private final WaterLevel level;
    private final Standing standing;

    public PipeView(Scenario scenario, Bore bore, Skin skin, Take take) {
        this.bore = bore;
        this.walk = new RayWalk(scenario, bore, skin);
        this.level = new WaterLevel(scenario, bore, take);
        this.standing = new Standing(scenario, bore, take);
    }

    /**
     * Draws one picture in linear light.
     *
     * @param t second of the take
     * @param rgb three floats a pixel, row by row, 0 dark to about 1 bright; overwritten
     * @param depth how far each pixel's ray went, feet; overwritten
     */
    public void draw(Lens lens, double t, int width, int height, float[] rgb, float[] depth) {
        Shot shot = new Shot(lens, bore, level, t);
        float scale = Lens.scale(width);
        Ray ray = new Ray();
        float[] unseen = new float[3];
        int across = width / APART + 2;
        float[] coarse = new float[across * (height / APART + 2)];
        for (int i = 0; i < coarse.length; i++) {
            lens.direct(i % across * APART - width / 2f, height / 2f - i / across * APART, scale, ray);
            coarse[i] = walk.follow(ray, shot, 0.01f, unseen, 0);
        }
        Sheet sheet = new Sheet(width, height, rgb, depth, new boolean[width * height], Lens.ways(width, height));
        for (int y = 0; y < height; y += 2) {
            for (int x = 0; x < width; x += 2) {
                int node = y / APART * across + x / APART;
                float near = Math.min(
                        Math.min(coarse[node], coarse[node + 1]),
                        Math.min(coarse[node + across], coarse[node + across + 1]));
                trace(ray, shot, sheet, y * width + x, near);
            }
        }
        // Then those in the middle of four that are known, slantwise, and those between the four beside them.
        for (int y = 1; y < height; y += 2) {
            for (int x = 1; x < width; x += 2) {
                fill(ray, shot, sheet, x, y, width + 1, width - 1);
            }
        }
        for (int y = 0; y < height; y++) {
            for (int x = 1 - (y & 1); x < width; x += 2) {
                fill(ray, shot, sheet, x, y, 1, width);
            }
        }
        standing.draw(lens, t, shot.under ? Murk.CLEAR : Float.POSITIVE_INFINITY, width, height, depth, rgb);
    }

    /**
     * The picture as far as it is drawn.
     *
     * @param walls where the wall itself is seen, straight
     * @param ways which way each pixel looks from an unturned lens
     */
    private record Sheet(int width, int height, float[] rgb, float[] depth, boolean[] walls, float[] ways) {}

    /** @param near what lies about there is no nearer than this, feet */
    private void trace(Ray ray, Shot shot, Sheet sheet, int at, float near) {
        shot.lens.turn(sheet.ways(), at * 3, ray);
        sheet.depth()[at] = walk.follow(ray, shot, Math.max(0.01f, near * 0.9f - 0.015f), sheet.rgb(), at * 3);
        sheet.walls()[at] = ray.onWall && !shot.curved && !shot.under;
    }

    /** Fills in a pixel from those that lie {@code one} and {@code other} before and after it, if they show one smooth piece of wall. */
    private void fill(Ray ray, Shot shot, Sheet sheet, int x, int y, int one, int other) {
        int at = y * sheet.width() + x;
        if (x == 0 || y == 0 || x == sheet.width() - 1 || y == sheet.height() - 1) {
            trace(ray, shot, sheet, at, 0);
            return;
        }
        float[] depth = sheet.depth();
        float a = depth[at - one];
        float b = depth[at + one];
        float c = depth[at - other];
        float d = depth[at + other];
        float least = Math.min(Math.min(a, b), Math.min(c, d));
        float most = Math.max(Math.max(a, b), Math.max(c, d));
        boolean[] walls = sheet.walls();
        if (most - least < least * SAME
                && walls[at - one]
                && walls[at + one]
                && walls[at - other]
                && walls[at + other]) {
            shot.lens.turn(sheet.ways(), at * 3, ray);
            depth[at] = (a + b + c + d) / 4;
            walls[at] = true;
            walk.between(ray, shot, depth[at], sheet.rgb(), at * 3);
        } else {
            trace(ray, shot, sheet, at, least);
        }
    }
}
