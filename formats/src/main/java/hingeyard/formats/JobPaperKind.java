package hingeyard.formats;

import hingeyard.core.kit.Kit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A paper of a job. */
public enum JobPaperKind {
    JOB_SHEET("job-sheet", "Job sheet", true, JobPapers::jobSheet),
    SETTINGS("settings", "Settings sheet", false, JobPapers::settings),
    GUIDE("guide", "Customer’s guide", true, JobPapers::guide),
    HANDED_BACK("handed-back", "Parts handed back", true, JobPapers::handedBack),
    NEXT_CHECK("next-check", "Next check", false, JobPapers::nextCheck);

    private final String key;
    private final String title;
    private final boolean withoutKit;
    private final Function<JobPaper, String> page;

    JobPaperKind(String key, String title, boolean withoutKit, Function<JobPaper, String> page) {
        this.key = key;
        this.title = title;
        this.withoutKit = withoutKit;
        this.page = page;
    }

    /** As it stands in addresses, kebab-case. */
    public String key() {
        return key;
    }

    public String title() {
        return title;
    }

    public String page(JobPaper paper) {
        return page.apply(paper);
    }

    /**
     * The papers of a job with this kit: where none was fitted, nothing is set and nothing settles; where it comes off again, only the
     * sheet
     * for the bench is of use.
     */
    public static List<JobPaperKind> of(Kit kit, boolean comesOff) {
        return comesOff ? List.of(JOB_SHEET) : Arrays.stream(values()).filter(p -> kit.boxed() || p.withoutKit).toList();
    }

    public static Optional<JobPaperKind> find(Kit kit, boolean comesOff, String key) {
        return of(kit, comesOff).stream().filter(p -> p.key.equals(key)).findFirst();
    }
}
