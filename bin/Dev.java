import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * Compiles what is saved, for ./yard dev: a changed .java file of core, formats or app together with every source that names its class, into
 * target/classes; other files are copied there. When all of it compiled, the trigger file is touched, and the running application starts itself again.
 *
 * <p>Arguments: the project's folder, the class path of the libraries, the trigger file.
 */
class Dev {

    private static final List<String> MODULES = List.of("core", "formats", "app");
    private static final int LOOK_EVERY_MS = 300;

    private final Path home;
    private final String libraries;
    private final Path trigger;
    private final JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    /** What did not compile is tried again with the next save: its error may lie in another file. */
    private final Set<Path> owed = new LinkedHashSet<>();

    Dev(Path home, String libraries, Path trigger) {
        this.home = home;
        this.libraries = libraries;
        this.trigger = trigger;
    }

    public static void main(String[] args) throws Exception {
        new Dev(Path.of(args[0]).toAbsolutePath(), args[1], Path.of(args[2])).watch();
    }

    private void watch() throws Exception {
        Map<Path, FileTime> before = saved();
        while (true) {
            Thread.sleep(LOOK_EVERY_MS);
            Map<Path, FileTime> now = saved();
            Set<Path> changed = now.entrySet().stream().filter(e -> !e.getValue().equals(before.get(e.getKey()))).map(Map.Entry::getKey)
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            Set<Path> gone = new LinkedHashSet<>(before.keySet());
            gone.removeAll(now.keySet());
            before.clear();
            before.putAll(now);
            if (!changed.isEmpty() || !gone.isEmpty()) {
                take(changed, gone, now.keySet());
            }
        }
    }

    private void take(Set<Path> changed, Set<Path> gone, Set<Path> all) throws IOException {
        long from = System.nanoTime();
        for (Path file : gone) {
            Files.deleteIfExists(isJava(file) ? classOf(file) : resourceOf(file));
        }
        for (Path file : changed) {
            if (!isJava(file)) {
                Files.createDirectories(resourceOf(file).getParent());
                Files.copy(file, resourceOf(file), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            }
        }
        Set<Path> sources = new LinkedHashSet<>(owed);
        Stream.concat(changed.stream(), gone.stream()).filter(this::isJava).forEach(file -> sources.addAll(naming(file, all)));
        sources.retainAll(all);
        owed.clear();
        if (!sources.isEmpty() && !compiled(sources)) {
            owed.addAll(sources);
            return;
        }
        Files.writeString(trigger, Long.toString(System.nanoTime()));
        System.out.printf("dev: %d changed, %d compiled in %d ms; starting again%n", changed.size() + gone.size(), sources.size(), (System.nanoTime() - from) / 1_000_000);
    }

    /** The file, and whatever names its class. */
    private List<Path> naming(Path file, Set<Path> all) {
        String name = file.getFileName().toString().replace(".java", "");
        Pattern word = Pattern.compile("\\b" + Pattern.quote(name) + "\\b");
        List<Path> naming = new ArrayList<>(List.of(file));
        for (Path other : all) {
            try {
                if (isJava(other) && word.matcher(Files.readString(other)).find()) {
                    naming.add(other);
                }
            } catch (IOException e) {
                // Being written at this moment: it is looked at again when its time has changed.
            }
        }
        return naming;
    }

    private boolean compiled(Collection<Path> sources) throws IOException {
        Map<String, List<Path>> byModule = new TreeMap<>((a, b) -> MODULES.indexOf(a) - MODULES.indexOf(b));
        sources.forEach(s -> byModule.computeIfAbsent(home.relativize(s).getName(0).toString(), m -> new ArrayList<>()).add(s));
        String classes = MODULES.stream().map(m -> home.resolve(m).resolve("target/classes").toString()).collect(Collectors.joining(":"));
        for (Map.Entry<String, List<Path>> module : byModule.entrySet()) {
            StringWriter said = new StringWriter();
            try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
                List<String> options = List.of("--release", "17", "-parameters", "-proc:none", "-g", "-cp", classes + ":" + libraries, "-d",
                        home.resolve(module.getKey()).resolve("target/classes").toString());
                if (!compiler.getTask(said, files, null, options, null, files.getJavaFileObjectsFromPaths(module.getValue())).call()) {
                    System.out.print("dev: does not compile; the application goes on as it was\n" + said);
                    return false;
                }
            }
        }
        return true;
    }

    private Map<Path, FileTime> saved() throws IOException {
        Map<Path, FileTime> files = new HashMap<>();
        for (String module : MODULES) {
            Files.walkFileTree(home.resolve(module).resolve("src/main"), new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes is) {
                    files.put(file, is.lastModifiedTime());
                    return FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult visitFileFailed(Path file, IOException e) {
                    return FileVisitResult.CONTINUE;
                }
            });
        }
        return files;
    }

    private boolean isJava(Path file) {
        return file.toString().endsWith(".java");
    }

    private Path classOf(Path source) {
        return Path.of(source.toString().replace("/src/main/java/", "/target/classes/").replaceAll("\\.java$", ".class"));
    }

    private Path resourceOf(Path file) {
        return Path.of(file.toString().replace("/src/main/resources/", "/target/classes/"));
    }
}
