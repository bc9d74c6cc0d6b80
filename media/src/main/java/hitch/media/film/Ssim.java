package hitch.media.film;

/**
 * How alike two pictures look: the mean of the structural similarity of their brightness over blocks of 8 by 8 pixels that lie 4
 * apart (Wang, Bovik, Sheikh and Simoncelli, Image quality assessment: from error visibility to structural similarity, IEEE
 * Transactions on Image Processing 13, 2004).
 */
final class Ssim {
    private static final int BLOCK = 8;
    private static final int STEP = 4;
    private static final double C1 = Math.pow(0.01 * 255, 2);
    private static final double C2 = Math.pow(0.03 * 255, 2);

    private Ssim() {}

    /**
     * @param a pixels {@code 0xRRGGBB}, row by row
     * @param b the same of a picture as large
     * @return 1 for the same picture, less the less alike they are
     */
    static double of(int[] a, int[] b, int width, int height) {
        if (a.length != width * height || b.length != a.length || width < BLOCK || height < BLOCK) {
            throw new IllegalArgumentException("two pictures of " + width + " x " + height + " are compared");
        }
        double[] one = luma(a);
        double[] two = luma(b);
        double sum = 0;
        long blocks = 0;
        for (int y = 0; y + BLOCK <= height; y += STEP) {
            for (int x = 0; x + BLOCK <= width; x += STEP) {
                sum += block(one, two, x, y, width);
                blocks++;
            }
        }
        return sum / blocks;
    }

    private static double[] luma(int[] rgb) {
        double[] luma = new double[rgb.length];
        for (int i = 0; i < rgb.length; i++) {
            int p = rgb[i];
            luma[i] = 0.2126 * (p >> 16 & 255) + 0.7152 * (p >> 8 & 255) + 0.0722 * (p & 255);
        }
        return luma;
    }

    private static double block(double[] a, double[] b, int left, int top, int width) {
        double sumA = 0;
        double sumB = 0;
        double sumAa = 0;
        double sumBb = 0;
        double sumAb = 0;
        for (int y = top; y < top + BLOCK; y++) {
            for (int x = left; x < left + BLOCK; x++) {
                double p = a[y * width + x];
                double q = b[y * width + x];
                sumA += p;
                sumB += q;
                sumAa += p * p;
                sumBb += q * q;
                sumAb += p * q;
            }
        }
        int n = BLOCK * BLOCK;
        double meanA = sumA / n;
        double meanB = sumB / n;
        double varA = sumAa / n - meanA * meanA;
        double varB = sumBb / n - meanB * meanB;
        double both = sumAb / n - meanA * meanB;
        return (2 * meanA * meanB + C1) * (2 * both + C2) / ((meanA * meanA + meanB * meanB + C1) * (varA + varB + C2));
    }
}
