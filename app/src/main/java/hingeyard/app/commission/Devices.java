package hingeyard.app.commission;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.math.BigDecimal;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Readings that a bench meter or a torque wrench sends. The simulated ones send theirs from a panel or a file; a real one would send them
 * alike.
 */
@Component
class Devices {

    /** What was read longer ago is of another step. */
    private static final Duration FRESH = Duration.ofMinutes(3);
    private static final Map<String, List<String>> UNITS = Map.of("wrench", List.of("N·m"), "meter", List.of("V", "A", "Ω"));
    private static final int MOST_LINES = 500;

    record DeviceReading(String device, BigDecimal value, String unit, Instant at) {
    }

    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    Devices(ShopClock clock, JdbcTemplate jdbc) {
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** The last reading of a device, when it is fresh. */
    Optional<DeviceReading> last(String device) {
        return jdbc
                .query("SELECT device, value, unit, sent_at FROM device_reading WHERE device = ? AND sent_at >= ? ORDER BY id DESC LIMIT 1",
                        (r, n) -> new DeviceReading(r.getString(1), r.getBigDecimal(2).stripTrailingZeros(), r.getString(3),
                                r.getTimestamp(4).toInstant()),
                        device, Timestamp.from(clock.now().minus(FRESH)))
                .stream()
                .findFirst();
    }

    /** @throws Refused when there is no such device, or it does not read in that unit */
    @Transactional
    public void sent(String device, BigDecimal value, String unit) {
        List<String> units = UNITS.get(device);
        if (units == null) {
            throw Refused.input("device", device, "one of " + UNITS.keySet().stream().sorted().toList());
        }
        if (!units.contains(unit)) {
            throw Refused.input("unit", unit, "one of " + units);
        }
        jdbc.update("INSERT INTO device_reading (device, value, unit, sent_at) VALUES (?, ?, ?, ?)", device, value, unit,
                Timestamp.from(clock.now()));
    }

    /**
     * Plays readings from a file, {@code device,value,unit} a line.
     *
     * @throws Refused naming every line that is wrong; then none of them is kept
     */
    @Transactional
    public int replay(String csv) {
        List<String> lines = csv.lines().filter(l -> !l.isBlank()).toList();
        if (lines.size() > MOST_LINES) {
            throw Refused.input("file", lines.size() + " lines", "at most " + MOST_LINES);
        }
        List<String> wrong = new ArrayList<>();
        List<DeviceReading> read = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            String[] cells = lines.get(i).split(",", -1);
            if (i == 0 && cells[0].strip().equals("device")) {
                continue;
            }
            try {
                read.add(new DeviceReading(cells[0].strip(), new BigDecimal(cells[1].strip()), cells[2].strip(), clock.now()));
            } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
                wrong.add("line %d: '%s' is not device,value,unit".formatted(i + 1, lines.get(i)));
            }
        }
        if (!wrong.isEmpty()) {
            throw Refused.input("file", String.join("; ", wrong), "device,value,unit in every line");
        }
        read.forEach(r -> sent(r.device, r.value, r.unit));
        return read.size();
    }
}
