package hingeyard.app.commission;

import hingeyard.app.booking.Jobs;
import hingeyard.app.install.TickGuard;
import hingeyard.app.match.Matches;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Step;
import org.springframework.stereotype.Component;

/** The step that sets the display is ticked once every page of it is written down. */
@Component
class SettingsGuard implements TickGuard {

    private final JobSettings settings;
    private final Matches matches;
    private final Jobs jobs;

    SettingsGuard(JobSettings settings, Matches matches, Jobs jobs) {
        this.settings = settings;
        this.matches = matches;
        this.jobs = jobs;
    }

    @Override
    public Ruling mayTick(long job, Step step) {
        if (!step.reaches().contains(Milestone.SETTINGS_ENTERED)) {
            return Ruling.yes();
        }
        return jobs.card(job).kitCode().map(kit -> settings.mayClose(job, matches.report(job, kit))).orElseGet(Ruling::yes);
    }
}
