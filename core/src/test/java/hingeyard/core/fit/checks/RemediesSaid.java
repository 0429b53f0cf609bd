package hingeyard.core.fit.checks;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import java.util.stream.Collectors;

/** A finding's remedies as a case table asserts them: {@code 2 W1 > axle-washer-left; wheels 10; consent; measure bracket.shell-width}. */
final class RemediesSaid {

    private RemediesSaid() {
    }

    static String of(Finding finding) {
        return finding.remedies().stream().map(RemediesSaid::said).collect(Collectors.joining("; "));
    }

    private static String said(Remedy r) {
        String out = r.replaces().isEmpty() ? "" : " for " + String.join("+", r.replaces());
        return switch (r.kind()) {
            case PART,
                    BUY,
                    MAKE ->
                r.part().map(p -> "%s%d %s > %s".formatted(
                        p.supply() == Remedy.Supply.BUY ? "buy "
                                : p.supply() == Remedy.Supply.MAKE ? "make " : p.supply() == Remedy.Supply.KIT ? "kit " : "",
                        p.count(),
                        p.partNumber().isEmpty() ? "‘" + p.name() + "’" : p.partNumber(), p.role())).orElseThrow() + out;
            case WORK -> r.work().map(w -> w.skill() + " " + w.minutes()).orElseThrow();
            case CONSENT -> "consent";
            case MEASURE -> "measure " + String.join(" ", r.measures());
            case OTHER_KIT -> "other kit";
            case SHEET -> "sheet";
        };
    }
}
