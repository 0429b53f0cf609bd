package hingeyard.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Answers as they were when they were held against brute force and looked at: they pin what no oracle decides, which of equals is taken and
 * where a drawing's line runs. Changed on purpose they are looked at again, and written anew
 * with {@code -Dkept.write=true}.
 */
public final class Kept {

    private Kept() {
    }

    /** @param file below the tests' resources, such as {@code stack/answers.txt} */
    public static void assertAsKept(String file, List<String> lines) throws IOException {
        Path path = Path.of("src", "test", "resources", "hingeyard", "core").resolve(file);
        String all = String.join("\n", lines) + "\n";
        if (Boolean.getBoolean("kept.write")) {
            Files.createDirectories(path.getParent());
            Files.writeString(path, all);
        }
        assertThat(all.lines().toList()).isEqualTo(Files.readAllLines(path, StandardCharsets.UTF_8));
    }
}
