package hingeyard.app.money;

import hingeyard.app.privacy.OpenAccounts;
import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Invoices, credit notes and receipts; closed, they stay. */
@Component
class PersonalOfMoney implements PersonalData, OpenAccounts {

    private final NamedParameterJdbcTemplate jdbc;
    private final MoneyOffice office;

    PersonalOfMoney(NamedParameterJdbcTemplate jdbc, MoneyOffice office) {
        this.jdbc = jdbc;
        this.office = office;
    }

    @Override
    public List<Long> jobsOf(long customer) {
        return office.open(Optional.of(customer)).jobs().stream().map(MoneyOffice.OpenJob::job).toList();
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        Map<String, Object> theirs = Map.of("customer", whose.customer());
        List<Map<String, Object>> rows = jdbc.queryForList(
                "SELECT number, kind, job_id, on_day, made_at FROM money_paper WHERE customer_id = :customer ORDER BY made_at, number",
                theirs);
        if (!rows.isEmpty()) {
            pack.rows("invoices, credit notes and receipts", rows);
        }
        jdbc.query("SELECT number, kind, pdf FROM money_paper WHERE customer_id = :customer ORDER BY made_at, number", theirs, r -> {
            pack.file("papers/%s.pdf".formatted(r.getString(1)), r.getBytes(3));
        });
    }

    @Override
    public void erase(Whose whose) {
        // The books keep them.
    }
}
