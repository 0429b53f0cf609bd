package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReturnStateTest {

    @ParameterizedTest
    @CsvSource({"AS_NEW,false,true,true", "AS_NEW,true,false,true", "OPENED,true,true,false", "OPENED,false,true,false",
        "DAMAGED,true,true,false", "DAMAGED,false,true,false"})
    void whatWasOpenedIsNeverNewAgain(ReturnState state, boolean opened, boolean may, boolean free) {
        assertThat(state.may(opened).allowed()).isEqualTo(may);
        assertThat(state.free()).isEqualTo(free);
        assertThat(ReturnState.usual(opened).may(opened).allowed()).as("what is usual may always be").isTrue();
    }
}
