package hingeyard.app.stock;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.core.bill.StandIn;
import hingeyard.core.explain.Ruling;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Scale;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import hingeyard.core.stock.PartSheet;
import hingeyard.core.stock.SerialNumbers;
import hingeyard.formats.PriceCsv;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What lies in the drawers and what of it is free. */
@Service
public class Stock {

    /** A part's own time, else its supplier's: of {@code part p LEFT JOIN supplier s}, as the core's {@link DrawerPart#comingIn} has it. */
    public static final String LEAD_DAYS = "COALESCE(NULLIF(p.lead_days, 0), s.lead_days, 0)";
    private static final String NO_PLACE = "Shelf";
    private static final String ROWS = """
            SELECT p.number, p.name, p.used_as, p.place, p.price_minor, %s AS lead_days, l.on_hand, l.held, p.supplier, p.pack, p.minimum,
                   p.thickness_um, p.inner_um, p.outer_um, p.length_um
            FROM part p JOIN stock_level l ON l.part_number = p.number LEFT JOIN supplier s ON s.name = p.supplier""".formatted(LEAD_DAYS);

    private final PartRows parts;
    private final Ledger ledger;
    private final ReservationRows reservations;
    private final DrawersReading reading;
    private final JdbcTemplate jdbc;
    private final LiveEvents live;

    Stock(PartRows parts, Ledger ledger, ReservationRows reservations, DrawersReading reading, JdbcTemplate jdbc, LiveEvents live) {
        this.parts = parts;
        this.ledger = ledger;
        this.reservations = reservations;
        this.reading = reading;
        this.jdbc = jdbc;
        this.live = live;
    }

    @Transactional
    public void addPart(PartSheet sheet) {
        parts.saveAndFlush(new Part(sheet));
        live.stockChanged();
    }

    /** A place for something new, unless its number lies somewhere already. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void addIfUnknown(String number, String name, String usedAs, PartFacts facts) {
        if (!parts.existsById(number)) {
            parts.saveAndFlush(new Part(PartSheet.of(new DrawerPart(number, name, usedAs, NO_PLACE, 0, Optional.empty(), facts))));
        }
    }

    /** What a box or a part costs and how long it takes to come, by number. */
    @Transactional(readOnly = true)
    public Map<String, DrawerPart> byNumber(Drawers drawers) {
        return drawers.parts().stream().collect(Collectors.toMap(DrawerPart::number, Function.identity()));
    }

    /** Whom a part is bought from; empty where nobody was named. */
    @Transactional(readOnly = true)
    public String supplier(String number) {
        return parts.findById(number).orElseThrow(() -> Refused.notFound("part", number)).supplier;
    }

    /** Every part and box with what it costs and how long it takes to come. */
    @Transactional(readOnly = true)
    public List<PriceCsv.Price> prices() {
        return jdbc.query("SELECT number, price_minor, lead_days FROM part ORDER BY number",
                (r, n) -> new PriceCsv.Price(n + 2, r.getString(1), r.getLong(2), r.getInt(3)));
    }

    /**
     * Sets prices, all or none.
     *
     * @throws Refused naming the numbers that lie in no drawer
     */
    @Transactional
    public int setPrices(List<PriceCsv.Price> prices) {
        List<String> unknown = prices.stream().filter(p -> !parts.existsById(p.number()))
                .map(p -> "line %d: %s".formatted(p.line(), p.number())).toList();
        if (!unknown.isEmpty()) {
            throw Refused.input("number", String.join("; ", unknown), "numbers of parts and boxes the drawers know; no price was changed");
        }
        for (PriceCsv.Price price : prices) {
            Part part = parts.findById(price.number()).orElseThrow();
            part.priceMinor = price.priceMinor();
            part.leadDays = price.leadDays();
            part.version++;
        }
        live.stockChanged();
        return prices.size();
    }

    @Transactional(readOnly = true)
    public List<DrawerRow> rows() {
        return jdbc.query(ROWS + " ORDER BY p.place, p.number", Stock::row);
    }

    /** @throws Refused when no drawer knows the part */
    @Transactional(readOnly = true)
    public DrawerRow row(String number) {
        return jdbc.query(ROWS + " WHERE p.number = ?", Stock::row, number).stream().findFirst()
                .orElseThrow(() -> Refused.notFound("part", number));
    }

    private static DrawerRow row(ResultSet r, int n) throws SQLException {
        int onHand = r.getInt("on_hand");
        int held = r.getInt("held");
        long price = r.getLong("price_minor");
        return new DrawerRow(r.getString("number"), r.getString("name"), r.getString("used_as"), r.getString("place"), size(r), onHand,
                held, onHand - held,
                price == 0 ? "" : Scale.MONEY.text(price), r.getInt("lead_days"), r.getString("supplier"), r.getInt("pack"),
                r.getInt("minimum"), onHand < r.getInt("minimum"));
    }

    private static String size(ResultSet r) throws SQLException {
        long thickness = r.getLong("thickness_um");
        if (thickness > 0) {
            return "%s thick, Ø %s / %s mm".formatted(Length.ofMicrometres(thickness).text(), plain(r.getLong("inner_um")),
                    plain(r.getLong("outer_um")));
        }
        return r.getLong("length_um") > 0 ? Length.ofMicrometres(r.getLong("length_um")).text() + " long" : "";
    }

    private static String plain(long micrometres) {
        return Length.ofMicrometres(micrometres).amount().toPlainString();
    }

    /** How many of each are free; what no drawer knows is left out. */
    @Transactional(readOnly = true)
    public Map<String, Integer> free(Set<String> numbers) {
        Map<String, Integer> free = new HashMap<>();
        for (String number : numbers) {
            jdbc.query("SELECT on_hand - held FROM stock_level WHERE part_number = ?", r -> {
                free.put(number, r.getInt(1));
            }, number);
        }
        return free;
    }

    /** The drawers as a match of this job sees them: on hand less what other jobs have reserved, and what is on its bike already. */
    @Transactional(readOnly = true)
    public Drawers drawersFor(long job) {
        Map<String, Integer> own = reservations
                .counts(job, Set.of(Reservation.State.HELD, Reservation.State.PICKED, Reservation.State.CONSUMED)).stream()
                .collect(Collectors.toMap(r -> (String) r[0], r -> ((Long) r[1]).intValue()));
        return reading.drawers().withMore(own);
    }

    /**
     * What may stand in for a part.
     *
     * @param when  the condition, in words
     * @param fills whether it is as thick as a part of which the thickness counts
     */
    public record Alternative(String part, String number, String name, String place, String when, int free, boolean fills) {

        /** Whether it does for so many. */
        public boolean does(int wanted) {
            return fills && StandIn.suffices(wanted, free);
        }
    }

    /** What may stand in for these parts and is free now. */
    @Transactional(readOnly = true)
    public List<Alternative> alternatives(Collection<String> parts) {
        return parts.isEmpty() ? List.of()
                : jdbc.query(
                        """
                SELECT a.part_number, p.number, p.name, p.place, a.condition_text, l.on_hand - l.held, asked.thickness_um, p.thickness_um FROM part_alternative a JOIN part p ON p.number = a.alternative
                JOIN part asked ON asked.number = a.part_number
                JOIN stock_level l ON l.part_number = p.number WHERE l.on_hand > l.held AND a.part_number IN ("""
                                + "?,".repeat(parts.size() - 1) + "?) ORDER BY a.part_number, p.number",
                        (r, n) -> new Alternative(r.getString(1), r.getString(2), r.getString(3), r.getString(4), r.getString(5),
                                r.getInt(6), StandIn.fills(thickness(r, 7), thickness(r, 8))),
                        parts.toArray());
    }

    private static Optional<Length> thickness(ResultSet row, int column) throws SQLException {
        long micrometres = row.getLong(column);
        return row.wasNull() || micrometres == 0 ? Optional.empty() : Optional.of(Length.ofMicrometres(micrometres));
    }

    /** @param priceMinor in hundredths of the shop's money; 0 where nobody named a price */
    public record Shelved(String place, long priceMinor) {

        /** Of what no drawer knows. */
        public static final Shelved NOWHERE = new Shelved("", 0);
    }

    /** Where these parts lie and what they cost. */
    @Transactional(readOnly = true)
    public Map<String, Shelved> shelved(Collection<String> numbers) {
        Map<String, Shelved> shelved = new HashMap<>();
        if (!numbers.isEmpty()) {
            jdbc.query("SELECT number, place, price_minor FROM part WHERE number IN (" + "?,".repeat(numbers.size() - 1) + "?)", r -> {
                shelved.put(r.getString(1), new Shelved(r.getString(2), r.getLong(3)));
            }, numbers.toArray());
        }
        return shelved;
    }

    /** Changes with anything in the drawers, their prices, the kit sheets and the rules. */
    @Transactional(readOnly = true)
    public String state() {
        return reading.state();
    }

    /**
     * What came in.
     *
     * @param lot     empty where it has none
     * @param serials one for each piece, or none at all
     */
    public record Delivery(int count, String note, String lot, List<String> serials) {

        public Delivery {
            serials = serials.stream().map(String::strip).toList();
        }

        public static Delivery of(int count, String note) {
            return new Delivery(count, note, "", List.of());
        }
    }

    /**
     * Puts a delivery in its drawer.
     *
     * @throws Refused when some pieces have a number and others have none, or one is in the ledger already
     */
    @Transactional
    public void receive(String number, Delivery came, String by) {
        ledger.lock(number);
        if (came.serials.isEmpty()) {
            ledger.add(new Line(number, Kind.RECEIVED, came.count, 0, null, came.note, came.lot, ""), by);
            return;
        }
        Ruling ruling = SerialNumbers.mayComeIn(came.count, came.serials);
        if (!ruling.allowed()) {
            throw Refused.conflict("serials", String.join(", ", came.serials), ruling.reason() + " Nothing was taken in.");
        }
        for (String serial : came.serials) {
            if (jdbc.queryForObject("SELECT COUNT(*) FROM stock_movement WHERE serial = ? AND part_number = ? AND kind = 'RECEIVED'",
                    Integer.class, serial, number) > 0) {
                throw Refused.conflict("serials", serial,
                        "Number %s of %s came in already. Look at the plate again; nothing was taken in.".formatted(serial, number));
            }
        }
        ledger.add(came.serials.stream().map(serial -> new Line(number, Kind.RECEIVED, 1, 0, null, came.note, came.lot, serial)).toList(),
                by);
    }
}
