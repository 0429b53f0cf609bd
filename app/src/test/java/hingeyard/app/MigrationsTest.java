package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A migration that somebody's database went through never changes: what is to be other is written as the next one. */
class MigrationsTest {

    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final Path KNOWN = Path.of("src/test/resources/migrations.sha256");

    @Test
    void noneChangedAndEachIsKnown() throws IOException, NoSuchAlgorithmException {
        MessageDigest sha256 = MessageDigest.getInstance("SHA-256");
        List<String> now;
        try (Stream<Path> files = Files.list(MIGRATIONS)) {
            now = files.sorted().map(f -> {
                try {
                    return HexFormat.of().formatHex(sha256.digest(Files.readAllBytes(f))) + "  " + f.getFileName();
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            }).toList();
        }
        assertThat(now)
                .as("a line of %s is other: a landed migration was edited (write the next one instead), or a new one wants its line", KNOWN)
                .containsExactlyInAnyOrderElementsOf(Files.readAllLines(KNOWN));
    }
}
