package hitch.bench.harm;

import java.util.Arrays;
import java.util.Random;

/** Damages bytes as disks, cables and people do: bits are flipped, ends cut off, pieces swapped, doubled, blanked or put in. */
final class Harm {
    private static final int MOST_FLIPS = 6;
    private static final int LONGEST_PIECE = 2000;

    private final Random chance;

    Harm(Random chance) {
        this.chance = chance;
    }

    /** A damaged copy; never the same bytes. */
    byte[] done(byte[] whole) {
        byte[] harmed = once(whole);
        while (Arrays.equals(harmed, whole)) {
            harmed = once(whole);
        }
        return harmed;
    }

    private byte[] once(byte[] whole) {
        if (whole.length < 8) {
            return new byte[] {(byte) chance.nextInt(256)};
        }
        return switch (chance.nextInt(6)) {
            case 0, 1 -> flipped(whole);
            case 2 -> Arrays.copyOf(whole, chance.nextInt(whole.length));
            case 3 -> swapped(whole);
            case 4 -> doubled(whole);
            default -> filled(whole);
        };
    }

    private byte[] flipped(byte[] whole) {
        byte[] harmed = whole.clone();
        for (int i = 0; i <= chance.nextInt(MOST_FLIPS); i++) {
            harmed[chance.nextInt(harmed.length)] ^= (byte) (1 << chance.nextInt(8));
        }
        return harmed;
    }

    private byte[] swapped(byte[] whole) {
        byte[] harmed = whole.clone();
        int length = 1 + chance.nextInt(Math.min(LONGEST_PIECE, whole.length / 2));
        int a = chance.nextInt(whole.length - length + 1);
        int b = chance.nextInt(whole.length - length + 1);
        System.arraycopy(whole, a, harmed, b, length);
        System.arraycopy(whole, b, harmed, a, length);
        return harmed;
    }

    private byte[] doubled(byte[] whole) {
        int length = 1 + chance.nextInt(Math.min(LONGEST_PIECE, whole.length));
        int from = chance.nextInt(whole.length - length + 1);
        byte[] harmed = new byte[whole.length + length];
        System.arraycopy(whole, 0, harmed, 0, from + length);
        System.arraycopy(whole, from, harmed, from + length, whole.length - from);
        return harmed;
    }

    private byte[] filled(byte[] whole) {
        byte[] harmed = whole.clone();
        int length = 1 + chance.nextInt(Math.min(LONGEST_PIECE, whole.length));
        int from = chance.nextInt(whole.length - length + 1);
        byte[] noise = new byte[length];
        if (chance.nextBoolean()) {
            chance.nextBytes(noise);
        }
        System.arraycopy(noise, 0, harmed, from, length);
        return harmed;
    }
}
