package hingeyard.app.install;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.math.BigDecimal;
import java.sql.Date;
import java.time.LocalDate;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's torque wrenches and when each was calibrated. */
@Service
public class Wrenches {

    /**
     * @param overdue whether it is to be calibrated before its readings count
     */
    record Wrench(String code, String name, BigDecimal leastNm, BigDecimal mostNm, LocalDate calibratedOn, LocalDate dueOn,
            boolean overdue) {
    }

    /** Which one a figure was read from. */
    record Used(String code, boolean overdue) {
    }

    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    Wrenches(ShopClock clock, JdbcTemplate jdbc) {
        this.clock = clock;
        this.jdbc = jdbc;
    }

    List<Wrench> all() {
        LocalDate today = clock.today();
        return jdbc.query("SELECT code, name, least_nm, most_nm, calibrated_on, due_on FROM wrench ORDER BY code", (r, n) -> {
            LocalDate due = r.getDate(6).toLocalDate();
            return new Wrench(r.getString(1), r.getString(2), r.getBigDecimal(3), r.getBigDecimal(4), r.getDate(5).toLocalDate(), due,
                    due.isBefore(today));
        });
    }

    /** How many there are that are not overdue on a day. */
    public int inOrder(LocalDate day) {
        return jdbc.queryForObject("SELECT COUNT(*) FROM wrench WHERE due_on >= ?", Integer.class, Date.valueOf(day));
    }

    /**
     * @param newtonMetres what was read
     * @throws Refused when there is no such wrench, or it cannot have read that
     */
    Used used(String code, BigDecimal newtonMetres) {
        Wrench wrench = all().stream().filter(w -> w.code().equals(code)).findFirst()
                .orElseThrow(() -> Refused.input("wrench", code, "one of " + all().stream().map(Wrench::code).toList()));
        if (newtonMetres.compareTo(wrench.leastNm) < 0 || newtonMetres.compareTo(wrench.mostNm) > 0) {
            throw Refused.input("wrench", code, "a wrench that reads %s N·m; this one reads %s to %s N·m"
                    .formatted(newtonMetres.toPlainString(), wrench.leastNm.toPlainString(), wrench.mostNm.toPlainString()));
        }
        return new Used(wrench.code, wrench.overdue);
    }

    /** Adds a wrench, or writes down that it was calibrated. */
    @Transactional
    public void keep(String code, String name, BigDecimal leastNm, BigDecimal mostNm, LocalDate calibratedOn, LocalDate dueOn) {
        if (leastNm.signum() <= 0 || leastNm.compareTo(mostNm) >= 0) {
            throw Refused.input("least", leastNm.toPlainString(), "more than 0 and less than the most it reads");
        }
        if (!calibratedOn.isBefore(dueOn)) {
            throw Refused.input("due", dueOn.toString(), "a day after " + calibratedOn);
        }
        jdbc.update("INSERT INTO wrench (code, name, least_nm, most_nm, calibrated_on, due_on) VALUES (?, ?, ?, ?, ?, ?) "
                + "ON DUPLICATE KEY UPDATE name = VALUES(name), least_nm = VALUES(least_nm), most_nm = VALUES(most_nm), calibrated_on = VALUES(calibrated_on), due_on = VALUES(due_on)",
                code, name, leastNm, mostNm, Date.valueOf(calibratedOn), Date.valueOf(dueOn));
    }
}
