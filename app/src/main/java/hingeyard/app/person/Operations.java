package hingeyard.app.person;

import hingeyard.core.rights.Right;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** What each operation of the server needs, as listed in {@code rights/operations.txt}. */
@Component
public class Operations {

    /** Stands in the list where nobody has to be signed in. */
    private static final String OPEN = "OPEN";

    /**
     * What an operation needs.
     *
     * @param right absent where nobody has to be signed in
     */
    public record Need(Optional<Right> right) {
    }

    private final Map<String, Need> needs = new TreeMap<>();

    Operations() {
        try {
            new ClassPathResource("rights/operations.txt").getContentAsString(StandardCharsets.UTF_8).lines().map(String::strip)
                    .filter(line -> !line.isEmpty() && !line.startsWith("#")).forEach(this::read);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void read(String line) {
        String[] parts = line.split("\\s*\\|\\s*");
        String operation = parts[0].replaceAll("\\s+", " ");
        Optional<Right> right = parts[1].equals(OPEN) ? Optional.empty() : Optional.of(Right.valueOf(parts[1]));
        if (needs.put(operation, new Need(right)) != null) {
            throw new IllegalStateException("twice in rights/operations.txt: " + operation);
        }
    }

    /**
     * What an operation needs; empty for one that is not listed, which nobody may use.
     *
     * @param pattern as the controller declares it, with its names in braces
     */
    public Optional<Need> need(String method, String pattern) {
        return Optional.ofNullable(needs.get((method.equals("HEAD") ? "GET" : method) + " " + pattern));
    }

    /** Every operation, as METHOD path, with what it needs. */
    public Map<String, Need> all() {
        return Map.copyOf(needs);
    }
}
