package hingeyard.core.bill;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A name as it was drawn on a screen, with finger or pen.
 *
 * @param strokes each from where the pen was set down to where it was lifted; two points or more
 */
public record Signature(List<List<Dot>> strokes) {

    /** Width of the field it is drawn on. */
    public static final int WIDTH = 600;
    /** Its height. */
    public static final int HEIGHT = 200;
    /** So long may its text be. */
    public static final int LONGEST = 20_000;
    private static final int MOST_STROKES = 60;
    /** Shorter than this no name is: a dot, a slip of the finger. */
    private static final int SHORTEST_WAY = 150;
    // Point by point: one pattern over a long text would fill the stack.
    private static final Pattern DOT = Pattern.compile("\\d{1,3},\\d{1,3}");

    /** @param x from the left; @param y from the top */
    public record Dot(int x, int y) {

        private double to(Dot other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    public Signature {
        strokes = strokes.stream().map(List::copyOf).toList();
    }

    /**
     * Reads what a screen sends.
     *
     * @param text points as {@code x,y} parted by blanks, strokes parted by semicolons
     * @throws IllegalArgumentException saying what is wrong with it
     */
    public static Signature read(String text) {
        if (text.length() > LONGEST) {
            throw noStrokes();
        }
        List<List<Dot>> strokes = new ArrayList<>();
        double way = 0;
        for (String stroke : text.split(";", -1)) {
            List<Dot> dots = new ArrayList<>();
            for (String dot : stroke.split(" ", -1)) {
                Dot here = dot(dot);
                way += dots.isEmpty() ? 0 : dots.get(dots.size() - 1).to(here);
                dots.add(here);
            }
            if (dots.size() < 2) {
                throw noStrokes();
            }
            strokes.add(dots);
        }
        if (strokes.size() > MOST_STROKES) {
            throw new IllegalArgumentException("at most %d strokes".formatted(MOST_STROKES));
        }
        if (way < SHORTEST_WAY) {
            throw new IllegalArgumentException("a name: this is a dot or a slip of the finger");
        }
        return new Signature(strokes);
    }

    private static Dot dot(String text) {
        if (!DOT.matcher(text).matches()) {
            throw noStrokes();
        }
        int comma = text.indexOf(',');
        Dot dot = new Dot(Integer.parseInt(text.substring(0, comma)), Integer.parseInt(text.substring(comma + 1)));
        if (dot.x > WIDTH || dot.y > HEIGHT) {
            throw new IllegalArgumentException("points on a field of %d by %d".formatted(WIDTH, HEIGHT));
        }
        return dot;
    }

    private static IllegalArgumentException noStrokes() {
        return new IllegalArgumentException("strokes of two points or more, such as 10,20 30,40; at most %d letters".formatted(LONGEST));
    }

    /** As it is kept; {@link #read} reads it again. */
    public String text() {
        return strokes.stream().map(s -> s.stream().map(d -> d.x + "," + d.y).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(";"));
    }

    /** As a picture draws it: an SVG path on the field. */
    public String path() {
        return strokes.stream().map(s -> "M" + s.stream().map(d -> d.x + " " + d.y).collect(Collectors.joining("L")))
                .collect(Collectors.joining());
    }
}
