package hingeyard.formats;

import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Scale;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.PartFacts;
import hingeyard.core.stock.PartSheet;
import hingeyard.core.stock.UsedAs;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Supplier;

/** A part's sheet as named cells: a line of a list, or the fields of a form. Lengths in millimetres. */
public final class PartCells {

    /** Every line of a list has these. */
    public static final List<String> NEEDED = List.of("number", "name", "used as", "place", "thickness", "plus-minus", "inner", "outer",
            "on hand");
    /** May be left out; a cell of them may be empty. */
    public static final List<String> FURTHER = List.of("length", "from", "to", "plug", "other plug", "amperes", "price", "lead days",
            "supplier", "pack", "minimum");
    /** What identifies a drawer and a part takes no more room than this. */
    private static final Map<String, Integer> LONGEST = Map.of("number", 40, "name", 120, "used as", 40, "place", 20, "supplier", 80);
    private static final int MOST = 9999;

    /** @param cell which cell is wrong, and why */
    public record Wrong(String cell, String reason) {
    }

    private final Map<String, String> cells;
    private final List<Wrong> wrong = new ArrayList<>();

    private PartCells(Map<String, String> cells) {
        this.cells = cells;
    }

    /**
     * @param cells by name; one that is missing counts as empty
     * @param wrong takes everything that is wrong
     * @return empty when something is
     */
    public static Optional<PartSheet> read(Map<String, String> cells, List<Wrong> wrong) {
        PartCells reader = new PartCells(cells);
        PartSheet sheet = reader.sheet();
        wrong.addAll(reader.wrong);
        return reader.wrong.isEmpty() ? Optional.of(sheet) : Optional.empty();
    }

    /** The cells as they are read again, those without a value empty. */
    public static Map<String, String> write(PartSheet sheet) {
        DrawerPart p = sheet.part();
        Map<String, String> cells = new LinkedHashMap<>();
        NEEDED.forEach(c -> cells.put(c, ""));
        FURTHER.forEach(c -> cells.put(c, ""));
        cells.putAll(Map.of("number", p.number(), "name", p.name(), "used as", p.use(), "place", p.place(), "on hand",
                String.valueOf(p.free())));
        p.size().ifPresent(s -> cells.putAll(
                Map.of("thickness", mm(s.thickness()), "plus-minus", mm(s.plusMinus()), "inner", mm(s.inner()), "outer", mm(s.outer()))));
        p.facts().length().ifPresent(l -> cells.put("length", mm(l)));
        p.facts().span().ifPresent(s -> cells.putAll(Map.of("from", mm(s.least()), "to", mm(s.greatest()))));
        p.facts().adapter().ifPresent(a -> cells.putAll(Map.of("plug", PlugText.write(a.one()), "other plug", PlugText.write(a.other()),
                "amperes", a.rating().amount().toPlainString())));
        cells.putAll(Map.of("price", p.facts().priceMinor() == 0 ? "" : Scale.MONEY.text(p.facts().priceMinor()), "lead days",
                String.valueOf(p.facts().leadDays()), "supplier", sheet.supplier(),
                "pack", String.valueOf(sheet.pack()), "minimum", String.valueOf(sheet.minimum())));
        return cells;
    }

    private static String mm(Length length) {
        return length.amount().toPlainString();
    }

    private PartSheet sheet() {
        for (String cell : List.of("number", "name", "used as")) {
            if (text(cell).isEmpty()) {
                wrong.add(new Wrong(cell, "is empty"));
            }
        }
        LONGEST.forEach((cell, most) -> {
            if (text(cell).length() > most) {
                wrong.add(new Wrong(cell, "has %d letters; at most %d".formatted(text(cell).length(), most)));
            }
        });
        if (!text("used as").isEmpty() && !UsedAs.known(text("used as"))) {
            wrong.add(new Wrong("used as", "'%s' is asked for by nothing; one of %s, or other".formatted(text("used as"),
                    String.join(", ", UsedAs.like(text("used as"))))));
        }
        int onHand = count("on hand", 0, "0");
        Optional<PieceSize> size = size();
        int pack = count("pack", 1, "1");
        int minimum = count("minimum", 0, "0");
        PartFacts facts = facts();
        return wrong.isEmpty()
                ? new PartSheet(new DrawerPart(text("number"), text("name"), text("used as"), text("place"), onHand, size, facts),
                        text("supplier"), pack, minimum)
                : null;
    }

    private PartFacts facts() {
        Optional<Length> length = cell("length").flatMap(t -> said("length", "a length in millimetres", () -> Length.ofMillimetres(t)));
        Optional<Band> span = cell("from").flatMap(f -> said("from", "from and to in millimetres",
                () -> new Band(Length.ofMillimetres(f), Length.ofMillimetres(cell("to").orElse(f)))));
        Optional<Adapter> adapter = cell("plug").flatMap(p -> said("plug", "both plugs with their amperes", () -> {
            Current amperes = Current.ofAmperes(cell("amperes").orElseThrow(() -> new NoSuchElementException("no amperes")));
            return new Adapter(PlugText.read(p, amperes), PlugText.read(text("other plug"), amperes), amperes);
        }));
        long price = cell("price").flatMap(t -> said("price", "an amount such as 2.40", () -> Scale.MONEY.parse(t))).orElse(0L);
        return new PartFacts(length, span, adapter, price, count("lead days", 0, "0"));
    }

    private Optional<PieceSize> size() {
        return cell("thickness").flatMap(t -> said("thickness", "thickness, plus-minus, inner and outer together, in millimetres",
                () -> PieceSize.of(t, text("plus-minus"), text("inner"), text("outer"))));
    }

    private int count(String cell, int least, String empty) {
        String text = cell(cell).orElse(empty);
        if (!text.matches("\\d{1,4}") || Integer.parseInt(text) < least) {
            wrong.add(new Wrong(cell, "'%s' is no count; a whole number from %d to %d is wanted".formatted(text, least, MOST)));
            return least;
        }
        return Integer.parseInt(text);
    }

    private <T> Optional<T> said(String cell, String wanted, Supplier<T> read) {
        try {
            return Optional.of(read.get());
        } catch (ArithmeticException | IllegalArgumentException | NoSuchElementException e) {
            wrong.add(new Wrong(cell, "'%s': %s is wanted (%s)".formatted(text(cell), wanted, e.getMessage())));
            return Optional.empty();
        }
    }

    private String text(String cell) {
        return cells.getOrDefault(cell, "").strip();
    }

    private Optional<String> cell(String cell) {
        return text(cell).isEmpty() ? Optional.empty() : Optional.of(text(cell));
    }
}
