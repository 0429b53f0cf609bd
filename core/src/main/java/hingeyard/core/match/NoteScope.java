package hingeyard.core.match;

import java.util.List;
import java.util.Locale;

/** What a fit note is about: it is shown wherever that is met again. */
public enum NoteScope {
    KIT("this kit on such frames"),
    FAMILY("kits of this kind on such frames"),
    FRAME("such frames, whatever kit");

    private static final List<String> LETTERS = List.of("XXS", "XS", "S", "M", "L", "XL", "XXL");
    /** Centimetres, or inches: frames this near in size are alike in what matters to a fitter. */
    private static final double NEAR = 3;

    private final String label;

    NoteScope(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /**
     * Whether a note is about this kit.
     *
     * @param notedBox,notedFamily the kit's box and family it was found with
     */
    public boolean concerns(String notedBox, String notedFamily, String box, String family) {
        return switch (this) {
            case KIT -> notedBox.equals(box);
            case FAMILY -> notedFamily.equals(family);
            case FRAME -> true;
        };
    }

    /**
     * Whether two frames of one name are near enough in size: numbers up to three apart, letters next to one another; a size nobody named
     * is near any.
     */
    public static boolean near(String one, String other) {
        String a = one.strip().toUpperCase(Locale.ROOT);
        String b = other.strip().toUpperCase(Locale.ROOT);
        if (a.isEmpty() || b.isEmpty() || a.equals(b)) {
            return true;
        }
        if (LETTERS.contains(a) && LETTERS.contains(b)) {
            return Math.abs(LETTERS.indexOf(a) - LETTERS.indexOf(b)) <= 1;
        }
        return number(a) && number(b) && Math.abs(Double.parseDouble(a) - Double.parseDouble(b)) <= NEAR;
    }

    private static boolean number(String size) {
        return size.matches("\\d{1,3}([.]\\d)?");
    }
}
