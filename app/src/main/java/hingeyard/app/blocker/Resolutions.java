package hingeyard.app.blocker;

import hingeyard.app.bill.Bills;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.calloff.CallOffs;
import hingeyard.app.install.Blockers;
import hingeyard.app.install.JobWork;
import hingeyard.app.install.OpenStop;
import hingeyard.app.install.StepPlans;
import hingeyard.app.install.Steps;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.match.FitNotes;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.core.booking.CallOff;
import hingeyard.core.floor.Place;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.StepState;
import hingeyard.core.match.NoteScope;
import hingeyard.core.stock.ReturnState;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Carries out how a stop ends. */
@Service
class Resolutions {

    /**
     * What the shop learned from it.
     *
     * @param checkId the knuckle it belongs to
     * @param minutes what it took beyond the plan
     */
    record Lesson(String checkId, String found, String done, int minutes) {
    }

    private final Blockers blockers;
    private final CallOffs callOffs;
    private final Bills bills;
    private final Steps steps;
    private final StepPlans plans;
    private final JobWork work;
    private final Matches matches;
    private final FitNotes notes;
    private final Jobs jobs;
    private final LiveEvents live;

    Resolutions(Blockers blockers, CallOffs callOffs, Bills bills, Steps steps, StepPlans plans, JobWork work, Matches matches,
            FitNotes notes, Jobs jobs,
            LiveEvents live) {
        this.blockers = blockers;
        this.callOffs = callOffs;
        this.bills = bills;
        this.steps = steps;
        this.plans = plans;
        this.work = work;
        this.matches = matches;
        this.notes = notes;
        this.jobs = jobs;
        this.live = live;
    }

    /**
     * @param added the fragment of the step library, when work is added
     * @param box   in what state the box goes back, when another kit takes its place
     * @param hat   as whom somebody decides
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void resolve(long job, long id, Blocker.Resolution how, String words, Optional<String> added, Optional<Lesson> lesson,
            Optional<ReturnState> box, Blocker.Who hat, String by) {
        OpenStop stop = blockers.held(job, id);
        JobCard card = jobs.card(job);
        lesson.ifPresent(l -> notes.write(card, card.kitCode().orElse(""), NoteScope.KIT, l.checkId, l.found, l.done, l.minutes, by));
        blockers.resolve(job, id, how, words, added.isPresent(), hat, by);
        switch (how) {
            case ADDED_WORK -> add(job, added.orElseThrow(), stop.what(), by);
            case ANOTHER_KIT -> anotherKit(job, stop.what(), box, by);
            case BACK_TO_RACK -> toTheRack(card);
            case CLEARED, SWAPPED_PARTS, ASKED_CUSTOMER -> live.jobChanged(job);
        }
    }

    /** A kit of which nothing is on the bike goes back at once; what was fitted comes off by steps first. */
    private void anotherKit(long job, String what, Optional<ReturnState> box, String by) {
        if (callOffs.mustComeOff(job)) {
            callOffs.callOff(job, CallOff.Why.ANOTHER_KIT, what, Optional.empty(), by);
        } else {
            bills.giveBack(job, "Another kit: " + what, box, by);
        }
    }

    /** Adds work of the library to a job and plans its steps anew around what is done. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(long job, String fragment, String reason, String by) {
        jobs.holdGoingOn(job);
        String kit = jobs.card(job).kitCode()
                .orElseThrow(() -> Refused.conflict("Job %d has no bill yet: work is added to a list of steps.".formatted(job)));
        work.add(job, fragment, reason, by);
        plans.replan(job, matches.report(job, kit), Set.of(), "work added: " + fragment, by);
        live.jobChanged(job);
    }

    private void toTheRack(JobCard job) {
        if (steps.runs(job.number()).stream().anyMatch(r -> r.state() == StepState.RUNNING)) {
            throw Refused.conflict("Somebody is at a step of job %d: it is handed over first.".formatted(job.number()));
        }
        if (job.place() == Place.STAND || job.place() == Place.STRIP) {
            jobs.place(job.number(), Place.RACK, null);
        }
    }
}
