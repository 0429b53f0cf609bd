package hingeyard.core.booking;

import java.util.Locale;
import java.util.Optional;

/**
 * The number on the frame: what was said when the bike was booked, and what somebody read off the frame when it came.
 *
 * @param booked as said; blank where nobody did
 * @param read   as read off the frame at arrival; empty while nobody has
 */
public record FrameNumber(String booked, Optional<String> read) {

    /** Read off the frame comes before what was said. */
    public String number() {
        return read.filter(r -> !r.isBlank()).orElse(booked);
    }

    /**
     * Whether the bike that came is not the one that was booked, by its number. Case, blanks and dashes are how people write, not what a
     * frame says.
     */
    public boolean differs() {
        return !booked.isBlank() && read.filter(r -> !r.isBlank() && !plain(r).equals(plain(booked))).isPresent();
    }

    /** As papers say it. */
    public String text() {
        return number().isBlank() ? "frame without number" : "frame " + number() + (differs() ? " (booked as " + booked + ")" : "");
    }

    private static String plain(String number) {
        return number.replaceAll("[^\\p{L}\\p{N}]", "").toUpperCase(Locale.ROOT);
    }
}
