package hingeyard.core.install;

import java.util.Arrays;

/** A set of small numbers. Hundreds of thousands of them are made for one list, so it is as small as it can be. */
record Bits(long[] words) {

    static Bits none(int size) {
        return new Bits(new long[(size + 63) / 64]);
    }

    void set(int i) {
        words[i >> 6] |= 1L << i;
    }

    boolean has(int i) {
        return (words[i >> 6] & 1L << i) != 0;
    }

    Bits with(int i) {
        Bits more = new Bits(words.clone());
        more.set(i);
        return more;
    }

    boolean contains(Bits others) {
        for (int w = 0; w < words.length; w++) {
            if ((others.words[w] & ~words[w]) != 0) {
                return false;
            }
        }
        return true;
    }

    /** How many of them are not in the others. */
    int beyond(Bits others) {
        int count = 0;
        for (int w = 0; w < words.length; w++) {
            count += Long.bitCount(words[w] & ~others.words[w]);
        }
        return count;
    }

    /** How many of them are less than a number. */
    int below(int i) {
        int count = 0;
        for (int w = 0; w < i >> 6; w++) {
            count += Long.bitCount(words[w]);
        }
        return (i & 63) == 0 ? count : count + Long.bitCount(words[i >> 6] & (1L << i) - 1);
    }

    /** The numbers below a size that are not among them, ascending. */
    int[] others(int size) {
        int[] others = new int[size - below(size)];
        int at = 0;
        for (int i = 0; i < size; i++) {
            if (!has(i)) {
                others[at++] = i;
            }
        }
        return others;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Bits bits && Arrays.equals(words, bits.words);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(words);
    }
}
