package hingeyard.app.money;

import hingeyard.app.face.CurrencyInUse;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The first document ends the choice of a currency. */
@Component
class WrittenPapers implements CurrencyInUse {

    private final JdbcTemplate jdbc;

    WrittenPapers(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<String> document() {
        return jdbc.queryForList("SELECT number FROM money_paper ORDER BY made_at, number LIMIT 1", String.class).stream().findFirst();
    }
}
