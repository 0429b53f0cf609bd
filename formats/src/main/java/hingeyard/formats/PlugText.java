package hingeyard.formats;

import hingeyard.core.kit.Plug;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.quantity.Current;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A plug half in one cell of a table: {@code blade-pair 2 pins}, {@code moulded 5 socket green}. */
public final class PlugText {

    private static final Pattern SHAPE = Pattern.compile("(?<kind>[a-z-]+) (?<pins>\\d{1,2}) (?<half>pins|socket)( (?<colour>[a-z]+))?");

    private PlugText() {
    }

    public static String write(Plug plug) {
        return (plug.kind().name().toLowerCase(Locale.ROOT).replace('_', '-') + " " + plug.pins() + (plug.male() ? " pins " : " socket ")
                + plug.colour()).strip();
    }

    /** @throws IllegalArgumentException naming what was given and what is understood */
    public static Plug read(String text, Current rating) {
        Matcher m = SHAPE.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("'" + text + "' is no plug; for example: blade-pair 2 pins, moulded 5 socket green");
        }
        for (PlugKind kind : PlugKind.values()) {
            if (kind.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(m.group("kind"))) {
                return new Plug(kind, Integer.parseInt(m.group("pins")), m.group("colour") == null ? "" : m.group("colour"),
                        m.group("half").equals("pins"), rating);
            }
        }
        throw new IllegalArgumentException(
                "'" + m.group("kind") + "' is no plug; there are blade-pair, bullet-pair, barrel, ring-post, moulded, contact-plate");
    }
}
