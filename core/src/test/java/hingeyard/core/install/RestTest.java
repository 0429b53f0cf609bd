package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RestTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"10:00 | 2027-03-08T10:59 | Wait until 11:00: straps give.", "10:00 | 2027-03-08T11:00 | ",
        "23:30 | 2027-03-08T23:40 | Wait until Tue 9 Mar, 00:30: straps give."})
    void itIsToldWhileItLasts(String done, LocalDateTime now, String said) {
        LocalDateTime at = LocalDateTime.parse("2027-03-08T" + done);
        assertThat(new Rest("on", 60, "straps give").told(at, now)).isEqualTo(Optional.ofNullable(said));
    }
}
