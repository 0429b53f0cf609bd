package hingeyard.core.fit.checks;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.explain.Finding;
import hingeyard.core.quantity.Units;
import hingeyard.core.stack.StackSection;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Everything a mechanic reads in a finding, as one line: who changes a text, a figure or a drawing sees it here before anybody else does.
 */
final class Said {

    static final Path FILE = Path.of("src/test/resources/hingeyard/core/fit/said.txt");
    private static final String AFTER_KEY = " => ";

    private Said() {
    }

    static String of(Finding f) {
        String figures = f.figures().stream().map(g -> g.label() + " " + g.amount().text(Units.METRIC) + " (" + g.source() + ")")
                .collect(Collectors.joining("; "));
        return String.join(" # ", f.said().in(Units.METRIC), f.said().in(Units.IMPERIAL), f.bike().says() + " / " + f.bike().detail(),
                f.kit().says() + " / " + f.kit().detail(), figures,
                f.exhibit().map(Said::drawn).orElse("")).replace('\n', ' ');
    }

    private static String drawn(Exhibit exhibit) {
        if (exhibit instanceof StackSection s) {
            return s.title() + ": " + s.note() + " "
                    + s.layers().stream().map(l -> l.name() + "@" + l.from() + "+" + l.thickness()).collect(Collectors.joining(" ")) + " "
                    + s.marks().stream().map(m -> m.name() + "@" + m.at()).collect(Collectors.joining(" ")) + " "
                    + s.spans().stream().map(p -> p.name() + "@" + p.from() + ".." + p.to()).collect(Collectors.joining(" "))
                    + " " + s.others();
        }
        if (exhibit instanceof BarDrawing b) {
            return b.title() + ": " + b.note() + " " + pieces(b.left()) + " | " + pieces(b.right());
        }
        return exhibit instanceof BayDrawing b ? b.title() + ": " + b.note() : exhibit.exhibit();
    }

    private static String pieces(List<BarDrawing.Piece> pieces) {
        return pieces.stream().map(p -> p.name() + "@" + p.from() + "+" + p.width()).collect(Collectors.joining(" "));
    }

    /** What was read and found right, by row. */
    static Map<String, String> kept() {
        Map<String, String> kept = new LinkedHashMap<>();
        try {
            for (String line : Files.exists(FILE) ? Files.readAllLines(FILE) : List.<String>of()) {
                if (!line.startsWith("# ")) {
                    int at = line.indexOf(AFTER_KEY);
                    kept.put(line.substring(0, at), line.substring(at + AFTER_KEY.length()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return kept;
    }

    static void keep(Map<String, String> said) {
        try {
            Files.write(FILE, said.entrySet().stream().map(e -> e.getKey() + AFTER_KEY + e.getValue()).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
