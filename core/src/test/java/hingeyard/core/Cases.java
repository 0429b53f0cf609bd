package hingeyard.core;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** Reads a table of cases: columns parted by {@code |}, blank lines and lines beginning with {@code #} left out. */
public final class Cases {

    private Cases() {
    }

    public static Stream<Arguments> of(String resource) {
        List<Arguments> rows = new ArrayList<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(Objects.requireNonNull(
                Cases.class.getResourceAsStream(resource), resource), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (!line.isBlank() && !line.startsWith("#")) {
                    rows.add(Arguments.of(Stream.of(line.split("\\|", -1)).map(String::strip).toArray()));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows.stream();
    }
}
