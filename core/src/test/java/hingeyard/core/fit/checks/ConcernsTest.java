package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Cases;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.ShopWork;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Which kits a check is about, and which not: a check that is not asked says nothing, and nobody misses it. */
class ConcernsTest {

    private static final List<String> KITS = List.of("mid", "frame", "front", "rear-thread", "rear-cassette", "rotor-gear", "roller", "arm",
            "second", "bar", "build", "discs",
            "arm eye=8", "arm cable=120", "build steerer=230", "frame hold=frame_bay", "front lights=6");
    private static final Map<String, FitCheck> CHECKS = FitCheckCatalogue.all().stream()
            .collect(Collectors.toMap(FitCheck::id, Function.identity()));

    static Stream<Arguments> checks() {
        return Cases.of("/hingeyard/core/fit/concerns.txt");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("checks")
    void aCheckIsAboutTheseKits(String check, String kits) {
        assertThat(KITS.stream().filter(k -> CHECKS.get(check).concerns(GivenKits.kit(k)))).as(check).containsExactly(kits.split("; "));
    }

    @Test
    void everyCheckHasItsRow() {
        assertThat(checks().map(c -> c.get()[0].toString())).containsExactlyInAnyOrderElementsOf(CHECKS.keySet());
    }

    /** Nothing is matched where no kit is looked for. */
    @ParameterizedTest
    @EnumSource(ShopWork.class)
    void noCheckIsAboutTheShopsOwnWork(ShopWork work) {
        assertThat(FitCheckCatalogue.all()).noneMatch(c -> c.concerns(work.kit()));
    }
}
