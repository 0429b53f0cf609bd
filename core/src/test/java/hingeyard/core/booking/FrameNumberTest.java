package hingeyard.core.booking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrameNumberTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            QT56-11 |          | frame QT56-11                       | false
            QT56-11 | QT56-11  | frame QT56-11                       | false
            QT56-11 | qt 56 11 | frame qt 56 11                      | false
            QT56-11 | QT56-17  | frame QT56-17 (booked as QT56-11)   | true
            ''      | QT56-17  | frame QT56-17                       | false
            ''      |          | frame without number                | false
            QT56-11 | '  '     | frame QT56-11                       | false
            """)
    void whatWasReadComesBeforeWhatWasSaid(String booked, String read, String text, boolean differs) {
        FrameNumber number = new FrameNumber(booked, Optional.ofNullable(read));
        assertThat(number.text()).isEqualTo(text);
        assertThat(number.differs()).isEqualTo(differs);
    }
}
