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

    /** Rows: opened, mounted, stays; then which states it may go back in. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "false | false | false | AS_NEW OPENED USED DAMAGED SPENT KEPT | AS_NEW",
        "true  | false | false | OPENED USED DAMAGED SPENT KEPT        | OPENED",
        "false | true  | false | USED DAMAGED SPENT KEPT               | USED",
        "true  | true  | false | USED DAMAGED SPENT KEPT               | USED",
        "false | true  | true  | SPENT KEPT                            | KEPT",
        "true  | true  | true  | SPENT KEPT                            | KEPT"})
    void whatWasOnABikeIsNotNewAndWhatStaysThereDoesNotComeBack(boolean opened, boolean mounted, boolean stays, String allowed,
            ReturnState usual) {
        for (ReturnState state : ReturnState.values()) {
            assertThat(state.may(opened, mounted, stays).allowed()).as(state.label())
                    .isEqualTo(java.util.List.of(allowed.split(" ")).contains(state.name()));
        }
        assertThat(ReturnState.usual(opened, mounted, stays)).isEqualTo(usual);
        assertThat(usual.comesBack()).isEqualTo(!stays);
    }
}
