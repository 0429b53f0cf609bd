package hingeyard.app.bill;

import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalTable;
import hingeyard.app.privacy.Whose;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Quotes, with their papers as they were handed over; closed, those stay. */
@Component
class PersonalOfQuotes extends PersonalTable {

    private final NamedParameterJdbcTemplate papers;

    PersonalOfQuotes(NamedParameterJdbcTemplate jdbc) {
        super(jdbc, "quotes", "quote", "job_id IN (:jobs)", Map.ofEntries(Map.entry("job_id", Column.STAYS),
                Map.entry("ordinal", Column.STAYS), Map.entry("made_at", Column.STAYS), Map.entry("valid_until", Column.STAYS),
                Map.entry("not_taken", Column.WORDS), Map.entry("withdrawn_reason", Column.WORDS)));
        this.papers = jdbc;
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        super.handOut(whose, pack);
        if (!whose.jobs().isEmpty()) {
            papers.query("SELECT q.job_id, q.ordinal, p.pdf FROM quote q JOIN quote_paper p ON p.quote_id = q.id WHERE q.job_id IN (:jobs) "
                    + "ORDER BY q.id", Map.of("jobs", whose.jobs()), r -> {
                        pack.file("papers/quote-%d-%d.pdf".formatted(r.getLong(1), r.getInt(2)), r.getBytes(3));
                    });
        }
    }
}
