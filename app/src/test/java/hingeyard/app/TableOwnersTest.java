package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Each table has one package that writes it. Who else reads it by SQL is named in {@code table-owners.txt}: a list that gets shorter. */
class TableOwnersTest {

    private static final Path SERVER = Path.of("src/main/java/hingeyard/app");
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final Pattern READS = Pattern.compile("\\b(?:FROM|JOIN)\\s+\"?\\s*([a-z_]+)");
    private static final Pattern WRITES = Pattern
            .compile("(?:\\bINTO\\s+|\\bUPDATE\\s+|\\bDELETE\\s+FROM\\s+|BulkInsert\\.into\\(\\w+, \")\"?\\s*([a-z_]+)");
    private static final Pattern ENTITY = Pattern.compile("@Table\\(name = \"([a-z_]+)\"");
    /** Left behind by a migration for whoever has to look something up, and what the framework keeps. */
    private static final Set<String> NOBODYS = Set.of("kit_sheet_before_v3", "SPRING_SESSION", "SPRING_SESSION_ATTRIBUTES");

    private record Owned(String owner, Set<String> readers) {
    }

    private static Map<String, Owned> owners() throws IOException {
        return Files.readAllLines(Path.of("src/test/resources/table-owners.txt")).stream().filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(l -> l.split("\\|", -1))
                .collect(
                        Collectors.toMap(
                                c -> c[0].strip(), c -> new Owned(c[1].strip(), Arrays.stream(c[2].split(",")).map(String::strip)
                                        .filter(r -> !r.isEmpty()).collect(Collectors.toCollection(TreeSet::new))),
                                (a, b) -> a, TreeMap::new));
    }

    private static Set<String> tables() throws IOException {
        Pattern made = Pattern.compile("CREATE TABLE (?:IF NOT EXISTS )?`?(\\w+)");
        Set<String> tables = new TreeSet<>();
        for (Path migration : files(MIGRATIONS, ".sql")) {
            Matcher m = made.matcher(Files.readString(migration));
            while (m.find()) {
                tables.add(m.group(1));
            }
        }
        tables.removeAll(NOBODYS);
        return tables;
    }

    private static List<Path> files(Path under, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(under)) {
            return all.filter(p -> p.toString().endsWith(ending)).sorted().toList();
        }
    }

    /** By table, the packages whose code says so. */
    private static Map<String, Set<String>> said(Pattern... by) throws IOException {
        Set<String> tables = tables();
        Map<String, Set<String>> said = new TreeMap<>();
        for (Path file : files(SERVER, ".java")) {
            Path inside = SERVER.relativize(file);
            String code = Files.readString(file);
            for (Pattern pattern : by) {
                Matcher m = pattern.matcher(code);
                while (m.find()) {
                    if (tables.contains(m.group(1))) {
                        said.computeIfAbsent(m.group(1), t -> new TreeSet<>()).add(inside.getName(0).toString());
                    }
                }
            }
        }
        return said;
    }

    @Test
    void everyTableHasItsOwner() throws IOException {
        assertThat(owners().keySet()).containsExactlyElementsOf(tables());
    }

    @Test
    void nobodyElseWritesIt() throws IOException {
        Map<String, Owned> owners = owners();
        said(WRITES, ENTITY).forEach((table, packages) -> assertThat(packages).as(table).containsExactly(owners.get(table).owner));
    }

    /** Equal, not contained: who no longer reads it is struck off. */
    @Test
    void whoElseReadsItIsNamed() throws IOException {
        Map<String, Set<String>> read = said(READS);
        owners().forEach((table, owned) -> {
            Set<String> others = new TreeSet<>(read.getOrDefault(table, Set.of()));
            others.remove(owned.owner);
            assertThat(others).as(table).isEqualTo(owned.readers);
        });
    }
}
