package hingeyard.app.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.ProblemDetail;
import org.springframework.jdbc.UncategorizedSQLException;

/** What is said when the database's disk is full: what is wrong, and that nothing was saved. */
class FullDiskTest {

    @ParameterizedTest
    @CsvSource({"1114, false, 507, is full. Nothing was saved", "1021, false, 507, is full. Nothing was saved",
        "1030, false, 507, is full. Nothing was saved", "1064, false, 500, Something broke on our side", "1114, true, 500, It was saved"})
    void isSaid(int code, boolean saved, int status, String said) {
        SQLException cause = new SQLException("The table 'stock_movement' is full", "HY000", code);
        ProblemDetail problem = ProblemAdvice.bug(new UncategorizedSQLException("insert", "INSERT", cause), saved);
        assertThat(problem.getStatus()).isEqualTo(status);
        assertThat(problem.getDetail()).contains(said);
    }
}
