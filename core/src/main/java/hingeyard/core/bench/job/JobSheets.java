package hingeyard.core.bench.job;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.BenchTool;
import hingeyard.core.install.Step;
import hingeyard.core.made.MeasuredKind;
import hingeyard.core.made.Template;
import hingeyard.core.made.TemplateKind;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The sheets at true size that a job's steps use. */
public final class JobSheets {

    private static final String PREFIX = BenchTool.SHEET.key() + " ";

    /**
     * @param sheet as the bike and the kit have it; empty where something of it is measured first
     */
    public record JobSheet(TemplateKind kind, Optional<Template> sheet) {
    }

    private JobSheets() {
    }

    /** In the order of the steps, each kind once. @param fills what the job knows, as {@link BenchFills} has it */
    public static List<JobSheet> of(List<Step> steps, List<BenchFill> fills) {
        return steps.stream().flatMap(s -> s.bench().stream()).filter(b -> b.startsWith(PREFIX)).distinct()
                .flatMap(b -> MeasuredKind.find(TemplateKind.values(), b.substring(PREFIX.length())).stream())
                .map(k -> new JobSheet(k, sheet(k, fills))).toList();
    }

    private static Optional<Template> sheet(TemplateKind kind, List<BenchFill> fills) {
        List<String> measures = kind.measures().isEmpty() ? List.of("marks") : kind.measures();
        List<String> known = measures.stream().flatMap(m -> value(kind, m, fills).stream()).toList();
        if (known.size() < measures.size()) {
            return Optional.empty();
        }
        try {
            return Optional.of(kind.of(known.stream().flatMap(v -> Arrays.stream(v.split(" "))).map(Double::valueOf).toList()));
        } catch (BenchFaultException e) {
            // What was measured cannot be drawn: the bench says why, field by field.
            return Optional.empty();
        }
    }

    private static Optional<String> value(TemplateKind kind, String measure, List<BenchFill> fills) {
        String field = kind.key() + "." + measure;
        return fills.stream().filter(f -> f.tool() == BenchTool.SHEET && f.field().equals(field)).map(BenchFill::value).findFirst();
    }
}
