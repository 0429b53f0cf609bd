package hingeyard.core.rights;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.util.HexFormat;
import java.util.Locale;
import java.util.random.RandomGenerator;

/**
 * A code that lets somebody choose a password, once: twelve signs out of thirty that are not taken for one another, which is 58 bits. Of
 * it only a hash is kept; a fast one is enough, because nobody tries through 58 bits, as they would through what people think up.
 */
public final class OneTimeCode {

    /** From one evening to the day after next. */
    public static final Duration LASTS = Duration.ofHours(48);

    private static final String SIGNS = "23456789ABCDEFGHJKMNPQRSTVWXYZ";
    private static final int LENGTH = 12;
    private static final int GROUP = 4;

    private OneTimeCode() {
    }

    /** A new one, in groups of four. @param random one that cannot be guessed */
    public static String made(RandomGenerator random) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(i > 0 && i % GROUP == 0 ? "-" : "").append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return code.toString();
    }

    /**
     * What is kept of it, in hexadecimal digits: SHA-256 of its letters and digits in upper case, so that it may be typed with or without
     * its hyphens.
     */
    public static String kept(String code) {
        String typed = code.toUpperCase(Locale.ROOT).replaceAll("[^0-9A-Z]", "");
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(typed.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
