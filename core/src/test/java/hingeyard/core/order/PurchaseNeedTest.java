package hingeyard.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.order.SimulatedSupplier.Mood;
import hingeyard.core.order.SimulatedSupplier.Wanted;
import hingeyard.core.order.SupplierAnswer.Promise;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PurchaseNeedTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "0 | 0 | 0  | 0 | 1  | 0  | 0 free",
        "1 | 0 | 0  | 0 | 1  | 1  | 1 wanted by job 404, 0 free",
        "1 | 0 | 1  | 0 | 1  | 0  | 1 wanted by job 404, 0 free, 1 on order",
        "0 | 3 | 0  | 3 | 10 | 0  | minimum 3, 3 free, packs of 10",
        "0 | 2 | 0  | 3 | 10 | 10 | minimum 3, 2 free, packs of 10",
        "9 | 2 | 0  | 3 | 10 | 10 | 9 wanted by job 404, minimum 3, 2 free, packs of 10",
        "9 | 2 | 0  | 4 | 10 | 20 | 9 wanted by job 404, minimum 4, 2 free, packs of 10",
        "9 | 2 | 11 | 4 | 10 | 0  | 9 wanted by job 404, minimum 4, 2 free, 11 on order, packs of 10"})
    void wholePacksOfWhatIsMissing(int waiting, int free, int onOrder, int minimum, int pack, int toOrder, String reason) {
        PurchaseNeed need = new PurchaseNeed("P", waiting, waiting == 0 ? List.of() : List.of(404L), free, onOrder, minimum, pack);
        assertThat(need.toOrder()).isEqualTo(toOrder);
        assertThat(need.reason()).isEqualTo(reason);
    }

    @Test
    void jobsAreNamedOnceAndNonsenseIsRefused() {
        assertThat(new PurchaseNeed("P", 3, List.of(409L, 404L, 409L), 0, 0, 0, 1).reason()).isEqualTo("3 wanted by jobs 404, 409, 0 free");
        assertThatThrownBy(() -> new PurchaseNeed("P", 1, List.of(), 0, 0, 0, 0)).hasMessageContaining("pack 0 must be at least 1");
        assertThatThrownBy(() -> new PurchaseNeed("P", 1, List.of(), -1, 0, 0, 1)).hasMessageContaining("free -1");
    }

    /** A Monday; three working days are Thursday, eight are Thursday of the next week. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"AS_ORDERED | 5@5 | ''", "LATE | 5@12 | ''", "IN_PART | 2@5 3@12 | ''", "ONLY_HALF | 2@5 | ''",
        "OTHER_PART | '' | P-NEW"})
    void theSimulatedSupplierAnswersAsItIsTold(Mood mood, String promises, String instead) {
        SupplierAnswer answer = SimulatedSupplier.answer(12, "Orrinby", List.of(new Wanted("P", 5, 3)), mood, LocalDate.of(2026, 3, 2));
        assertThat(answer.lines()).singleElement().satisfies(l -> {
            assertThat(l.promises().stream().map(p -> p.count() + "@" + p.on().getDayOfMonth()).collect(Collectors.joining(" ")))
                    .isEqualTo(promises);
            assertThat(l.instead()).isEqualTo(instead);
            assertThat(l.promised()).isEqualTo(l.promises().stream().mapToInt(Promise::count).sum());
        });
    }

    @Test
    void halfOfOneIsNothingNow() {
        assertThat(SimulatedSupplier.answer(1, "S", List.of(new Wanted("P", 1, 0)), Mood.IN_PART, LocalDate.of(2026, 3, 2)).lines().get(0)
                .promises()).singleElement()
                .satisfies(p -> assertThat(p.count()).isEqualTo(1));
        assertThat(SimulatedSupplier.answer(1, "S", List.of(new Wanted("P", 1, 0)), Mood.ONLY_HALF, LocalDate.of(2026, 3, 2)).lines().get(0)
                .promises()).isEmpty();
    }
}
