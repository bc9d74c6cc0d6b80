package hitch.sim.pipe;

import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The wall of the pipe, unrolled and painted once: at each cell how far it stands into the bore (feet), its colour and how
 * wet it is. The first axis is the station, the second the angle, 0 at the top, clockwise looking with the flow.
 */
public final class Skin {
    static final int ROUND = 384;
    /** Rows that share one bound of how far the wall stands in. */
    private static final int BLOCK = 16;
    /** Brightest light that a colour is kept for. */
    private static final float BRIGHT = 1.5f;

    /** The step that slopes are kept in, feet a foot. */
    private static final float STEEP = 1f / 512;

    private static final float TURN = (float) (ROUND / (2 * Math.PI));
    private static final float[] LIGHT = new float[256];

    static {
        for (int i = 0; i < LIGHT.length; i++) {
            LIGHT[i] = BRIGHT * (i / 255f) * (i / 255f);
        }
    }

    private final Bore bore;
    private final Scenario scenario;
    private final List<Thing> things;
    private final int rows;
    private final float[] height;
    private final int[] paint;
    /** How steeply the wall rises along the pipe and round it, two signed halves of an int. */
    private final int[] slope;

    private final float[] highest;
    private final Walls walls;
    private final Noise noise;

    /** The wall with some of a scenario's things painted in. */
    public Skin(Scenario scenario, Bore bore, List<Thing> things) {
        this.scenario = scenario;
        this.bore = bore;
        this.things = things.stream().filter(t -> t.kind().isWall()).toList();
        this.rows = bore.rows();
        height = new float[rows * ROUND];
        paint = new int[rows * ROUND];
        slope = new int[rows * ROUND];
        highest = new float[rows / BLOCK + 2];
        walls = new Walls(scenario.seed());
        noise = new Noise(scenario.seed() + 7);
        IntStream.range(0, rows).parallel().forEach(this::paintRow);
        IntStream.range(1, rows - 1).parallel().forEach(this::slopeRow);
        IntStream.range(0, highest.length).forEach(this::bound);
    }

    private void paintRow(int row) {
        double station = bore.stationOf(row);
        Scenario.Pipe pipe = scenario.pipeAt(station);
        double toJoint = bore.toJoint(station);
        List<Thing> here = things.stream()
                .filter(t -> station > t.at() - Painter.of(t).reach()
                        && station < t.to() + Painter.of(t).reach())
                .toList();
        List<Painter> painters = here.stream().map(Painter::of).toList();
        Cell cell = new Cell();
        cell.station = station;
        cell.radius = bore.radius(station);
        for (int col = 0; col < ROUND; col++) {
            cell.angle = 2 * Math.PI * col / ROUND;
            cell.turn = 24f * col / ROUND;
            walls.paint(cell, pipe, toJoint);
            for (int i = 0; i < here.size(); i++) {
                painters.get(i).paint(cell, here.get(i), noise);
            }
            int at = row * ROUND + col;
            height[at] = cell.height;
            paint[at] = kept(cell.red) << 24
                    | kept(cell.green) << 16
                    | kept(cell.blue) << 8
                    | (int) (Math.clamp(cell.wet, 0, 1) * 255);
        }
    }

    private static int kept(float light) {
        return (int) (Math.sqrt(Math.clamp(light, 0, BRIGHT) / BRIGHT) * 255 + 0.5);
    }

    private void bound(int block) {
        float most = -1;
        int from = Math.max(0, (block - 1) * BLOCK);
        int to = Math.min(rows, (block + 2) * BLOCK);
        for (int i = from * ROUND; i < to * ROUND; i++) {
            most = Math.max(most, height[i]);
        }
        highest[block] = most;
    }

    /** No part of the wall near a row stands further into the bore than this. */
    public float highest(int row) {
        return highest[row / BLOCK];
    }

    /** How far the wall stands in at a row of the bore, with what lies past it, feet. */
    public float height(float row, float angle) {
        int x0 = (int) row;
        float fx = row - x0;
        float y = angle * TURN;
        int y0 = (int) y;
        float fy = y - y0;
        y0 = y0 >= ROUND ? y0 - ROUND : y0;
        int y1 = y0 + 1 == ROUND ? 0 : y0 + 1;
        int r0 = x0 * ROUND;
        int r1 = r0 + ROUND;
        float a = height[r0 + y0] + (height[r0 + y1] - height[r0 + y0]) * fy;
        float b = height[r1 + y0] + (height[r1 + y1] - height[r1 + y0]) * fy;
        return a + (b - a) * fx;
    }

    /** Colour, wetness and slope at a place: red, green, blue, wet, dh/ds, dh/dangle. */
    public void look(float row, float angle, float[] out) {
        int x0 = (int) row;
        float fx = row - x0;
        float y = angle * TURN;
        int y0 = (int) y;
        float fy = y - y0;
        y0 = y0 >= ROUND ? y0 - ROUND : y0;
        int y1 = y0 + 1 == ROUND ? 0 : y0 + 1;
        int r0 = x0 * ROUND;
        int r1 = r0 + ROUND;
        int a = paint[r0 + y0];
        int b = paint[r0 + y1];
        int c = paint[r1 + y0];
        int d = paint[r1 + y1];
        float wa = (1 - fx) * (1 - fy);
        float wb = (1 - fx) * fy;
        float wc = fx * (1 - fy);
        float wd = fx * fy;
        out[0] = LIGHT[a >>> 24] * wa + LIGHT[b >>> 24] * wb + LIGHT[c >>> 24] * wc + LIGHT[d >>> 24] * wd;
        out[1] = LIGHT[a >> 16 & 255] * wa
                + LIGHT[b >> 16 & 255] * wb
                + LIGHT[c >> 16 & 255] * wc
                + LIGHT[d >> 16 & 255] * wd;
        out[2] = LIGHT[a >> 8 & 255] * wa
                + LIGHT[b >> 8 & 255] * wb
                + LIGHT[c >> 8 & 255] * wc
                + LIGHT[d >> 8 & 255] * wd;
        out[3] = ((a & 255) * wa + (b & 255) * wb + (c & 255) * wc + (d & 255) * wd) / 255f;
        int sa = slope[r0 + y0];
        int sb = slope[r0 + y1];
        int sc = slope[r1 + y0];
        int sd = slope[r1 + y1];
        out[4] = ((sa >> 16) * wa + (sb >> 16) * wb + (sc >> 16) * wc + (sd >> 16) * wd) * STEEP;
        out[5] = ((short) sa * wa + (short) sb * wb + (short) sc * wc + (short) sd * wd) * STEEP;
    }

    /** Central differences, so that the slope runs on smoothly from cell to cell. */
    private void slopeRow(int row) {
        for (int col = 0; col < ROUND; col++) {
            int at = row * ROUND + col;
            float along = (height[at + ROUND] - height[at - ROUND]) * Bore.PER_FOOT / 2;
            int left = col == 0 ? at + ROUND - 1 : at - 1;
            int right = col + 1 == ROUND ? at + 1 - ROUND : at + 1;
            float round = (height[right] - height[left]) * TURN / 2;
            slope[at] = steep(along) << 16 | steep(round) & 0xFFFF;
        }
    }

    private static int steep(float slope) {
        return (int) Math.clamp(slope / STEEP, Short.MIN_VALUE, Short.MAX_VALUE);
    }

    /** The share of the bore at a station that the wall stands in, 0 to 1. */
    public double filled(double station) {
        double radius = bore.radius(station);
        double open = 0;
        for (int i = 0; i < ROUND; i++) {
            double r = Math.clamp(radius - height(bore.row(station), i / TURN), 0, radius);
            open += r * r;
        }
        return 1 - open / (ROUND * radius * radius);
    }
}
