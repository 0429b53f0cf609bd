package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.kit.Kits;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bike.Contradiction;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reports of one bike against the kits, from what is in the drawers now. */
@Service
public class Matches {

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Stock stock;
    private final FitAssessor assessor;
    private final ShopRules rules;

    Matches(Jobs jobs, Surveys surveys, Kits kits, Stock stock, FitAssessor assessor, ShopRules rules) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.stock = stock;
        this.assessor = assessor;
        this.rules = rules;
    }

    /** One kit on this job's bike. */
    @Transactional(readOnly = true)
    public FitReport report(long number, String kitCode) {
        JobCard job = jobs.card(number);
        return assessor.assess(new FitCase(surveys.of(job.bikeId()).forVerdicts(), kits.kit(kitCode), stock.drawersFor(number), rules));
    }

    /** @throws Refused when values of the survey cannot all be true */
    @Transactional(readOnly = true)
    public void refuseContradictions(long number) {
        List<Contradiction> found = SurveyConsistency.of(surveys.of(jobs.card(number).bikeId()));
        if (!found.isEmpty()) {
            throw Refused.conflict("The survey contradicts itself: %s Mend it on the bike sheet; no bill was made.".formatted(found.get(0).sentence()));
        }
    }

    /** Every kit on this job's bike, best verdict first, then by name. */
    @Transactional(readOnly = true)
    public List<FitReport> shortlist(long number) {
        JobCard job = jobs.card(number);
        return shortlist(surveys.of(job.bikeId()).forVerdicts(), kits.all(), stock.drawersFor(number));
    }

    /** The same from what has been read already. */
    public List<FitReport> shortlist(FrameSurvey survey, List<Kit> all, Drawers drawers) {
        return all.stream().map(k -> assessor.assess(new FitCase(survey, k, drawers, rules)))
                .sorted(Comparator.comparing(FitReport::verdict).thenComparing(r -> r.kit().fullName())).toList();
    }

    /** Changes whenever anything the report says changes: what somebody saw can be told from what is so now. */
    public static String stamp(FitReport report) {
        StringBuilder said = new StringBuilder(report.kit().code());
        report.findings().forEach(f -> said.append('|').append(f.checkId()).append(f.verdict()).append(f.sentence()).append(f.margin().text()));
        return Integer.toHexString(said.toString().hashCode());
    }
}
