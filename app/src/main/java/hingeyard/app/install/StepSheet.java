package hingeyard.app.install;

import hingeyard.app.match.Drawn;
import hingeyard.core.install.FigureWanted;
import hingeyard.formats.JobPaper;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A job's steps for its papers: where each stands, who did it and what was read. */
@Service
public class StepSheet {

    private final Steps steps;
    private final Ticks ticks;
    private final BilledParts billed;

    StepSheet(Steps steps, Ticks ticks, BilledParts parts) {
        this.steps = steps;
        this.ticks = ticks;
        this.billed = parts;
    }

    @Transactional(readOnly = true)
    public List<JobPaper.Done> of(long job) {
        List<StepRow> rows = steps.rows(job);
        Map<Long, List<StepFigure>> read = ticks.figures(job);
        Map<String, Drawn> drawings = billed.drawings(job);
        return rows.stream()
                .map(r -> new JobPaper.Done(r.step(), word(r), who(r),
                        r.step().figures().stream().flatMap(f -> last(f, read.getOrDefault(r.id, List.of())).stream()).toList(),
                        Drawn.on(r.step(), drawings).exhibit()))
                .toList();
    }

    private static String word(StepRow row) {
        return switch (row.state) {
            case OPEN -> "";
            case RUNNING -> "running";
            case PAUSED -> "half done";
            case STUCK -> "stuck";
            case DONE -> row.run().wantsSecond() ? "done, not inspected" : "done";
            case INSPECTED -> "inspected";
            case SKIPPED -> JobPaper.LEFT_OUT;
        };
    }

    private static String who(StepRow row) {
        return Optional.ofNullable(row.doer).orElse("") + Optional.ofNullable(row.inspectedBy).map(i -> ", inspected by " + i).orElse("");
    }

    private static Optional<String> last(FigureWanted wanted, List<StepFigure> read) {
        return read.stream().filter(f -> f.figureKey.equals(wanted.key())).reduce((a, b) -> b)
                .map(f -> "%s: %s %s (%s)%s".formatted(wanted.name(), f.reading.stripTrailingZeros().toPlainString(), wanted.unit(),
                        wanted.window(), f.wrench == null ? "" : ", wrench " + f.wrench + (f.overdue ? ", calibration overdue" : ""))
                        .strip());
    }
}
