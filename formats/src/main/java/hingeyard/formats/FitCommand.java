package hingeyard.formats;

import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The headless command: one bike, one kit, findings as JSON. Needs no database. */
public final class FitCommand {

    static final int GOES_ON = 0;
    static final int DOES_NOT = 1;
    static final int MEASURE_FIRST = 2;
    static final int REFUSED = 3;

    private static final List<String> OPTIONS = List.of("--bike", "--kit", "--stock", "--rules");
    private static final String USAGE = """
            yard fit --bike bike.json --kit kit.json [--stock stock.csv] [--rules rules.json]
            Prints the findings of one kit on one bike as JSON (docs/formats/README.md).
            Exit code: 0 it goes on, 1 it does not, 2 measure first, 3 a file or the call is refused.""";

    private FitCommand() {
    }

    public static void main(String[] args) {
        System.exit(run(args, System.out, System.err));
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (List.of(args).contains("--help")) {
            out.println(USAGE);
            return GOES_ON;
        }
        Map<String, String> texts = new LinkedHashMap<>();
        for (int i = 0; i < args.length; i += 2) {
            if (!OPTIONS.contains(args[i]) || i + 1 == args.length) {
                return refused(err, "'" + args[i] + "' is not understood.\n" + USAGE);
            }
            try {
                texts.put(args[i], Files.readString(Path.of(args[i + 1]), StandardCharsets.UTF_8));
            } catch (NoSuchFileException e) {
                return refused(err, args[i] + ": there is no file " + args[i + 1]);
            } catch (IOException e) {
                return refused(err, args[i] + " " + args[i + 1] + " cannot be read: " + e.getMessage());
            }
        }
        if (!texts.containsKey("--bike") || !texts.containsKey("--kit")) {
            return refused(err, USAGE);
        }
        return assess(texts, out, err);
    }

    private static int assess(Map<String, String> texts, PrintStream out, PrintStream err) {
        try {
            FitFiles fit = FitFiles.assess(new FitAssessor(FitCheckCatalogue.all()), texts.get("--bike"), texts.get("--kit"),
                    Optional.ofNullable(texts.get("--stock")),
                    Optional.ofNullable(texts.get("--rules")));
            out.print(fit.json());
            return fit.report().goesOn() ? GOES_ON : fit.report().verdict() == Verdict.MEASURE ? MEASURE_FIRST : DOES_NOT;
        } catch (UnreadableSheetException e) {
            return refused(err, e.getMessage());
        }
    }

    private static int refused(PrintStream err, String why) {
        err.println(why);
        return REFUSED;
    }
}
