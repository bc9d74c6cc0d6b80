package hitch.core.counter.sight;

import java.awt.Font;
import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Learns the weights of digits and unit letters anew from a folder of typefaces and writes {@code glyphs.bin}. The
 * families that counters are tried in are held back and only tested on. Run by hand: {@code GlyphSchool FONTS ROUNDS EPOCHS OUT}.
 */
public final class GlyphSchool {
    /** What a wrong answer is aimed at, so that the net does not grow too sure. */
    private static final float SOFT = 0.002f;

    private static final int HIDDEN = 128;
    /** Families that counters are tried in; nothing is learnt from them. */
    private static final java.util.regex.Pattern HELD = java.util.regex.Pattern.compile(
            "(?i)dseg|kaffeesatz|b612|courier prime|anonymous|cantarell|^play|quicksand|roboto slab|mononoki|hanken|spline sans mono|share tech");

    private static final int MOST_OF_A_FAMILY = 8;
    private static final String NOT_FOR_DIGITS =
            "(?i).*(weather|math|symbol|dingbat|d05|segg|fallback|italic|oblique|isabella|klaudia|radisnoir|blankenburg|aoyagi|ecolier|initial|display|webfont|braille|emoji|balker|domestic|abogado|lmmi|lmsy).*";

    private final Random random = new Random(17);
    private final float[] first = new float[HIDDEN * (GlyphNet.INPUTS + 1)];
    private final float[] second = new float[GlyphNet.ANSWERS * (HIDDEN + 1)];

    public static void main(String[] arguments) throws Exception {
        new GlyphSchool()
                .run(
                        Path.of(arguments[0]),
                        Integer.parseInt(arguments[1]),
                        Integer.parseInt(arguments[2]),
                        Path.of(arguments[3]));
    }

    private void run(Path fonts, int rounds, int epochs, Path out) throws Exception {
        List<DigitFace> learnt = new ArrayList<>();
        List<DigitFace> held = new ArrayList<>();
        List<List<Font>> families = families(fonts);
        for (int i = 0; i < families.size(); i++) {
            List<Font> family = families.get(i);
            if (HELD.matcher(family.getFirst().getFamily()).find()) {
                family.stream().map(DigitFace::of).forEach(held::add);
            } else {
                family.stream().limit(MOST_OF_A_FAMILY).map(DigitFace::of).forEach(learnt::add);
                if (i % 2 == 0) {
                    learnt.add(DigitFace.ofDots(family.getFirst(), 7 + i % 6 / 2));
                }
            }
        }
        for (int i = 0; i < 60; i++) {
            learnt.add(new BarFace(random));
        }
        for (Path strokes : strokes(fonts)) {
            for (int pen = 0; pen < 5; pen++) {
                learnt.add(new StrokeFace(strokes, 1.2 + pen * 0.6));
            }
        }
        GlyphLessons lessons = new GlyphLessons(random);
        List<GlyphLessons.Lesson> all = new ArrayList<>(lessons.of(learnt, rounds));
        all.addAll(lessons.clutter(all.size() / 8));
        List<GlyphLessons.Lesson> tests = lessons.of(held, 6);
        System.out.println(all.size() + " lessons from " + learnt.size() + " faces, " + tests.size() + " tests from "
                + held.size() + " others");
        scatter(first, GlyphNet.INPUTS);
        scatter(second, HIDDEN);
        for (int epoch = 0; epoch < epochs; epoch++) {
            Collections.shuffle(all, random);
            float rate = 0.006f * (1 - epoch / (float) epochs) + 0.0002f;
            all.forEach(lesson -> learn(lesson, rate));
            System.out.println("epoch " + epoch + ": " + marks(tests));
        }
        try (OutputStream file = new BufferedOutputStream(Files.newOutputStream(out))) {
            write(file);
        }
    }

    private static List<Path> strokes(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(p -> p.getFileName().toString().matches("(futura|rowman|timesrb?).*jhf"))
                    .sorted()
                    .toList();
        }
    }

    private List<List<Font>> families(Path folder) throws IOException {
        Map<String, List<Font>> families = new HashMap<>();
        Set<String> met = new HashSet<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(p -> p.toString().matches("(?i).*\\.(ttf|otf)"))
                    .sorted()
                    .toList()) {
                String name = file.getFileName().toString();
                if (name.matches(NOT_FOR_DIGITS) || !met.add(name)) {
                    continue;
                }
                try {
                    Font font = Font.createFont(Font.TRUETYPE_FONT, file.toFile());
                    if (font.canDisplay('8')) {
                        families.computeIfAbsent(
                                        HELD.matcher(font.getFamily()).find()
                                                ? font.getFamily()
                                                : font.getFamily().split(" ")[0],
                                        f -> new ArrayList<>())
                                .add(font);
                    }
                } catch (java.awt.FontFormatException e) {
                    System.out.println("left out: " + file.getFileName());
                }
            }
        }
        List<List<Font>> mixed = new ArrayList<>(new java.util.TreeMap<>(families).values());
        Collections.shuffle(mixed, random);
        return mixed;
    }

    private void scatter(float[] weights, int inputs) {
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) (random.nextGaussian() * Math.sqrt(2.0 / inputs));
        }
    }

    /** One step of stochastic gradient descent on the cross entropy, with softened targets. */
    private void learn(GlyphLessons.Lesson lesson, float rate) {
        float[] in = lesson.inputs();
        float[] cells = new float[HIDDEN];
        for (int h = 0; h < HIDDEN; h++) {
            int row = h * (GlyphNet.INPUTS + 1);
            float sum = first[row + GlyphNet.INPUTS];
            for (int i = 0; i < GlyphNet.INPUTS; i++) {
                sum += first[row + i] * in[i];
            }
            cells[h] = Math.max(0, sum);
        }
        float[] answers = answers(cells);
        float[] back = new float[HIDDEN];
        for (int a = 0; a < GlyphNet.ANSWERS; a++) {
            float wrong = answers[a] - (a == lesson.answer() ? 1 - SOFT * (GlyphNet.ANSWERS - 1) : SOFT);
            int row = a * (HIDDEN + 1);
            for (int h = 0; h < HIDDEN; h++) {
                back[h] += wrong * second[row + h];
                second[row + h] -= rate * wrong * cells[h];
            }
            second[row + HIDDEN] -= rate * wrong;
        }
        for (int h = 0; h < HIDDEN; h++) {
            if (cells[h] > 0) {
                int row = h * (GlyphNet.INPUTS + 1);
                for (int i = 0; i < GlyphNet.INPUTS; i++) {
                    first[row + i] -= rate * back[h] * in[i];
                }
                first[row + GlyphNet.INPUTS] -= rate * back[h];
            }
        }
    }

    private float[] answers(float[] cells) {
        float[] answers = new float[GlyphNet.ANSWERS];
        float most = Float.NEGATIVE_INFINITY;
        for (int a = 0; a < GlyphNet.ANSWERS; a++) {
            int row = a * (HIDDEN + 1);
            float sum = second[row + HIDDEN];
            for (int h = 0; h < HIDDEN; h++) {
                sum += second[row + h] * cells[h];
            }
            answers[a] = sum;
            most = Math.max(most, sum);
        }
        float total = 0;
        for (int a = 0; a < GlyphNet.ANSWERS; a++) {
            answers[a] = (float) Math.exp(answers[a] - most);
            total += answers[a];
        }
        for (int a = 0; a < GlyphNet.ANSWERS; a++) {
            answers[a] /= total;
        }
        return answers;
    }

    private String marks(List<GlyphLessons.Lesson> tests) {
        GlyphNet net = new GlyphNet(HIDDEN, first.clone(), second.clone());
        int right = 0;
        int sure = 0;
        int sureAndWrong = 0;
        for (GlyphLessons.Lesson test : tests) {
            float[] judged = net.judge(test.glyph());
            int best = 0;
            for (int a = 1; a < judged.length; a++) {
                best = judged[a] > judged[best] ? a : best;
            }
            right += best == test.answer() ? 1 : 0;
            boolean isSure = judged[best] > 0.9 && best < 10;
            sure += isSure ? 1 : 0;
            sureAndWrong += isSure && best != test.answer() ? 1 : 0;
        }
        return right + " of " + tests.size() + " right; of " + sure + " sure ones " + sureAndWrong + " wrong";
    }

    private void write(OutputStream file) throws IOException {
        try (DataOutputStream out = new DataOutputStream(file)) {
            out.writeInt(HIDDEN);
            for (float[] weights : Arrays.asList(first, second)) {
                float most = 0;
                for (float weight : weights) {
                    most = Math.max(most, Math.abs(weight));
                }
                float scale = most / Short.MAX_VALUE;
                out.writeFloat(scale);
                for (float weight : weights) {
                    out.writeShort(Math.round(weight / scale));
                }
            }
        }
    }
}
