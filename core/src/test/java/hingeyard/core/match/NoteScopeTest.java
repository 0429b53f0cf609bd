package hingeyard.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoteScopeTest {

    @ParameterizedTest
    @CsvSource({"56,56,true", "56,59,true", "56,60,false", "56,53,true", "56,52,false", "M,L,true", "M,XL,false", "s,XS,true", "M,56,false",
        "'',56,true", "56,'',true", "one size,one size,true", "one size,56,false", "17.5,20.5,true", "17.5,21,false"})
    void sizesAreNear(String one, String other, boolean near) {
        assertThat(NoteScope.near(one, other)).isEqualTo(near);
        assertThat(NoteScope.near(other, one)).as("either way round").isEqualTo(near);
    }

    @ParameterizedTest
    @CsvSource({"KIT,B1,hub,B1,hub,true", "KIT,B1,hub,B2,hub,false", "FAMILY,B1,hub,B2,hub,true", "FAMILY,B1,hub,B2,mid,false",
        "FRAME,B1,hub,B2,mid,true"})
    void aNoteIsShownWhereverItIsMetAgain(NoteScope scope, String notedBox, String notedFamily, String box, String family,
            boolean concerns) {
        assertThat(scope.concerns(notedBox, notedFamily, box, family)).isEqualTo(concerns);
    }
}
