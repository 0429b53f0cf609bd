package hingeyard.app.face;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.formats.Letterhead;
import java.sql.Timestamp;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.support.DataAccessUtils;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who the shop is. There is one. */
@Service
public class Faces {

    private static final String COLUMNS = "SELECT version, kind, name, address, telephone, tax_number, terms, currency FROM shop_face WHERE id = 1";
    private static final int HUNDREDTHS = 2;

    private final JdbcTemplate jdbc;
    private final ApplicationEventPublisher events;
    private final ShopClock clock;
    private final CurrencyInUse inUse;

    Faces(JdbcTemplate jdbc, ApplicationEventPublisher events, ShopClock clock, CurrencyInUse inUse) {
        this.inUse = inUse;
        this.jdbc = jdbc;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ShopFace now() {
        return read("");
    }

    private ShopFace read(String lock) {
        return jdbc.queryForObject(COLUMNS + lock, (r, n) -> new ShopFace(r.getInt(1),
                Optional.ofNullable(r.getString(2)).map(ShopFace.Kind::valueOf), r.getString(3), r.getString(4), r.getString(5),
                r.getString(6), r.getString(7), r.getString(8)));
    }

    /** As papers show it. */
    @Transactional(readOnly = true)
    public Letterhead letterhead() {
        ShopFace face = now();
        return new Letterhead(face.name(), face.address().lines().filter(l -> !l.isBlank()).toList(), face.telephone(), face.taxNumber(),
                face.terms(), face.currency(), sign(), face.isDemo());
    }

    @Transactional(readOnly = true)
    public Optional<Letterhead.Sign> sign() {
        return Optional.ofNullable(DataAccessUtils.singleResult(jdbc.query("SELECT bytes, width, height FROM shop_sign WHERE id = 1",
                (r, n) -> new Letterhead.Sign(r.getBytes(1), r.getInt(2), r.getInt(3)))));
    }

    /** Empty takes it down. */
    @Transactional
    public void hang(Optional<Letterhead.Sign> sign) {
        jdbc.update("DELETE FROM shop_sign WHERE id = 1");
        sign.ifPresent(s -> jdbc.update("INSERT INTO shop_sign (id, bytes, width, height) VALUES (1, ?, ?, ?)", s.jpeg(), s.width(),
                s.height()));
        jdbc.update("UPDATE shop_face SET version = version + 1 WHERE id = 1");
        events.publishEvent(new FaceChanged());
    }

    /** Currencies that are counted in hundredths, as prices are kept. */
    public static SortedSet<String> currencies() {
        return Currency.getAvailableCurrencies().stream().filter(c -> c.getDefaultFractionDigits() == HUNDREDTHS)
                .map(Currency::getCurrencyCode).collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * What stands on papers from now on; those that were printed stay as they are.
     *
     * @param seen the version its writer saw
     */
    @Transactional
    public void change(int seen, String name, String address, String telephone, String taxNumber, String terms, String currency) {
        ShopFace now = read(" FOR UPDATE");
        if (now.version() != seen) {
            throw Refused.conflict("version", String.valueOf(seen),
                    "Somebody changed the shop's name or address a moment ago. Yours was not saved; look, and change it again if you still want to.");
        }
        inUse.document().filter(d -> !now.currency().equals(currency)).ifPresent(document -> {
            throw Refused.conflict("currency", currency,
                    "Documents are written in %s, %s the first of them: what is open could no longer be added up. Nothing was saved."
                            .formatted(now.currency(), document));
        });
        write(name, address, telephone, taxNumber, terms, currency);
        events.publishEvent(new FaceChanged());
    }

    private void write(String name, String address, String telephone, String taxNumber, String terms, String currency) {
        if (!currencies().contains(currency)) {
            throw Refused.input("currency", currency, "a currency's code with cents, such as EUR, GBP or USD");
        }
        String lines = address.lines().map(String::strip).filter(l -> !l.isEmpty()).collect(Collectors.joining("\n"));
        jdbc.update(
                "UPDATE shop_face SET version = version + 1, name = ?, address = ?, telephone = ?, tax_number = ?, terms = ?, currency = ? WHERE id = 1",
                name.strip(), lines, telephone.strip(), taxNumber.strip(), terms.strip(), currency);
    }

    /**
     * From now on it is this kind of shop, for good.
     *
     * @throws Refused when it has been opened before
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void open(ShopFace.Kind kind, String name, String address, String telephone, String taxNumber, String currency) {
        // Whoever comes second waits here, and finds it open.
        if (read(" FOR UPDATE").kind().isPresent()) {
            throw Refused.conflict("The shop is open already: sign in.");
        }
        write(name, address, telephone, taxNumber, "", currency);
        jdbc.update("UPDATE shop_face SET kind = ?, opened_at = ? WHERE id = 1", kind.name(), Timestamp.from(clock.now()));
    }

    /** Currencies in the order they are offered: those that are met most first. */
    public static List<String> offered() {
        List<String> first = List.of("EUR", "GBP", "USD", "CHF");
        SortedSet<String> rest = currencies();
        first.forEach(rest::remove);
        return Stream.concat(first.stream(), rest.stream()).toList();
    }
}
