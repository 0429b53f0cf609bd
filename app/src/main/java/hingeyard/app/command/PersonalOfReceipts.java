package hingeyard.app.command;

import hingeyard.app.privacy.Pack;
import hingeyard.app.privacy.PersonalData;
import hingeyard.app.privacy.Whose;
import java.util.Map;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/** Answers kept for a second asking, which may hold a name: it is struck from them. */
@Component
class PersonalOfReceipts implements PersonalData {

    private final NamedParameterJdbcTemplate jdbc;

    PersonalOfReceipts(NamedParameterJdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void handOut(Whose whose, Pack pack) {
        // Nothing that does not stand elsewhere.
    }

    @Override
    public void erase(Whose whose) {
        whose.own().forEach(
                own -> jdbc.update("UPDATE command_receipt SET answer = REPLACE(answer, :own, :gone) WHERE INSTR(answer, :own) > 0",
                        Map.of("own", own, "gone", Whose.GONE)));
    }
}
