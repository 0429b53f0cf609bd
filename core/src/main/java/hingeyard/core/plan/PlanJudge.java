package hingeyard.core.plan;

import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Skill;
import hingeyard.core.plan.PlacedLeg.Stretch;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Looks for what is impossible in a plan. It knows nothing of how plans are made, and reads nothing but the question and the plan: also one
 * that was agreed a week ago, or moved by hand.
 */
public final class PlanJudge {

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.UK);

    /**
     * Something that cannot be.
     *
     * @param job      whose leg
     * @param ordinal  which leg; -1 for the job as a whole
     * @param sentence what is wrong with it
     */
    public record Fault(long job, int ordinal, String sentence) {
    }

    private final PlanQuestion question;
    private final List<Fault> faults = new ArrayList<>();

    private PlanJudge(PlanQuestion question) {
        this.question = question;
    }

    /** @return every fault found, in no order that matters; none in a plan that can be worked by */
    public static List<Fault> faults(PlanQuestion question, Plan plan) {
        PlanJudge judge = new PlanJudge(question);
        for (PlanJob job : question.jobs()) {
            judge.job(job, plan.of(job.number()), plan.unplanned().stream().anyMatch(u -> u.job() == job.number()));
        }
        plan.legs().forEach(judge::hours);
        judge.oneThingAtATime(plan);
        judge.oneBikeOnAStand(plan);
        question.tools().forEach(t -> judge.noMoreToolsThanThereAre(plan, t));
        return judge.faults;
    }

    private void say(PlacedLeg leg, String sentence) {
        faults.add(new Fault(leg.job(), leg.leg().ordinal(), "%d, %s: %s".formatted(leg.job(), leg.leg().title(), sentence)));
    }

    private void job(PlanJob job, List<PlacedLeg> placed, boolean unplanned) {
        List<Integer> ordinals = placed.stream().map(l -> l.leg().ordinal()).toList();
        List<Integer> all = job.legs().stream().map(Leg::ordinal).toList();
        if (unplanned ? !placed.isEmpty() : !ordinals.equals(all)) {
            faults.add(new Fault(job.number(), -1, "%d: legs %s are planned, %s are left.".formatted(job.number(), ordinals,
                    unplanned ? "none" : all)));
            return;
        }
        LocalDateTime before = question.now();
        for (PlacedLeg leg : placed) {
            if (leg.start().isBefore(before)) {
                say(leg, "begins %s, before %s.".formatted(SAID.format(leg.start()), SAID.format(before)));
            }
            for (Wait wait : leg.leg().waits()) {
                if (leg.start().isBefore(wait.until())) {
                    say(leg, "begins before %s is there.".formatted(wait.what()));
                }
            }
            leg.leg().rest().ifPresent(r -> placed.stream().filter(p -> p.leg().ordinal() == r.since())
                    .filter(p -> leg.start().isBefore(p.end().plusMinutes(r.minutes()))).findFirst()
                    .ifPresent(
                            p -> say(leg, "begins less than %d minutes after '%s': %s.".formatted(r.minutes(), p.leg().title(), r.why()))));
            job.pin().notBefore().filter(d -> leg.start().toLocalDate().isBefore(d))
                    .ifPresent(d -> say(leg, "begins before the day the manager named."));
            job.pin().person().filter(p -> leg.leg().doer().isEmpty() && !p.equals(leg.person()))
                    .ifPresent(p -> say(leg, "is not %s's, as the manager said.".formatted(p)));
            job.pin().notBy().filter(p -> leg.leg().doer().isEmpty() && p.equals(leg.person()))
                    .ifPresent(p -> say(leg, "is %s's, and the manager said not by %s.".formatted(p, p)));
            looked(leg);
            stand(job, leg);
            before = leg.looked();
        }
    }

    private Optional<Worker> worker(String name) {
        return question.workers().stream().filter(w -> w.name().equals(name)).findFirst();
    }

    private void hours(PlacedLeg leg) {
        Optional<Worker> worker = worker(leg.person());
        if (worker.isEmpty()) {
            say(leg, "%s does not work here.".formatted(leg.person()));
            return;
        }
        boolean said = leg.leg().doer().isPresent() || question.jobs().stream().filter(j -> j.number() == leg.job())
                .anyMatch(j -> j.pin().person().isPresent());
        if (!worker.get().does() && !said) {
            say(leg, "no legs are planned for %s.".formatted(leg.person()));
        }
        int worked = 0;
        LocalDateTime last = LocalDateTime.MIN;
        for (Stretch stretch : leg.worked()) {
            worked += (int) Duration.between(stretch.from(), stretch.to()).toMinutes();
            LocalDate day = stretch.from().toLocalDate();
            var hours = worker.get().hours().days().get(day.getDayOfWeek());
            if (!question.days().isOpen(day) || worker.get().away(day).isPresent() || hours == null || stretch.from().isBefore(last)
                    || stretch.from().isBefore(day.atTime(hours.from())) || stretch.to().isAfter(day.atTime(hours.to()))) {
                say(leg, "%s is not in %s to %s.".formatted(leg.person(), SAID.format(stretch.from()), SAID.format(stretch.to())));
            }
            last = stretch.to();
        }
        Set<Skill> lacking = leg.leg().skills().stream().filter(s -> !worker.get().skills().skilledIn(s)).collect(Collectors.toSet());
        if (leg.leg().doer().isEmpty() && lacking.stream().anyMatch(s -> worker.get().skills().grade(s).isEmpty())) {
            say(leg, "%s has not begun to learn %s.".formatted(leg.person(),
                    lacking.stream().map(Skill::label).sorted().collect(Collectors.joining(" and "))));
        }
        int least = lacking.isEmpty() ? leg.leg().minutes() : leg.leg().minutes() * Worker.LEARNERS_SHARE / 100;
        if (worked < least) {
            say(leg, "gets %d minutes of %d.".formatted(worked, least));
        }
    }

    /** Somebody else is in at the moment at which the next leg may begin, and skilled in what the doer is not. */
    private void looked(PlacedLeg leg) {
        Set<Skill> lacking = new TreeSet<>(leg.leg().skills());
        worker(leg.person()).ifPresent(w -> lacking.removeIf(w.skills()::skilledIn));
        if (leg.looked().isBefore(leg.end())) {
            say(leg, "is looked at before it is done.");
        }
        if (!leg.leg().hold() && lacking.isEmpty()) {
            return;
        }
        LocalDate day = leg.looked().toLocalDate();
        boolean somebody = question.workers().stream()
                .filter(w -> !w.name().equals(leg.person()) && question.days().isOpen(day) && w.on(day))
                .filter(w -> lacking.stream().allMatch(w.skills()::skilledIn))
                .map(w -> w.hours().days().get(day.getDayOfWeek()))
                .anyMatch(h -> !leg.looked().isBefore(day.atTime(h.from())) && !leg.looked().isAfter(day.atTime(h.to())));
        if (!somebody) {
            say(leg, "nobody is in who could look at it %s.".formatted(SAID.format(leg.looked())));
        }
    }

    private void stand(PlanJob job, PlacedLeg leg) {
        if (leg.leg().place() == LegPlace.STAND && leg.stand().isEmpty()) {
            say(leg, "wants a stand and has none.");
        }
        leg.stand().ifPresent(number -> {
            Optional<Stand> stand = question.stands().stream().filter(s -> s.number() == number).findFirst();
            boolean there = job.stand().filter(number::equals).isPresent();
            if (stand.isEmpty()) {
                say(leg, "there is no stand %d.".formatted(number));
            } else if (!there && !stand.get().mayCarry(job.bike(), job.kit(), List.of()).allowed()) {
                say(leg, "stand %d does not carry it.".formatted(number));
            }
            if (!there && job.pin().stand().filter(n -> !n.equals(number)).isPresent()) {
                say(leg, "is not on the stand the manager named.");
            }
            if (!there && job.pin().notOn().filter(number::equals).isPresent()) {
                say(leg, "is on stand %d, and the manager said not there.".formatted(number));
            }
        });
    }

    private void oneThingAtATime(Plan plan) {
        Map<String, List<PlacedLeg>> byPerson = plan.legs().stream().collect(Collectors.groupingBy(PlacedLeg::person));
        byPerson.values().forEach(legs -> {
            record Of(PlacedLeg leg, Stretch at) {
            }
            List<Of> all = legs.stream().flatMap(l -> l.worked().stream().map(s -> new Of(l, s)))
                    .sorted(Comparator.comparing((Of o) -> o.at.from())).toList();
            for (int i = 1; i < all.size(); i++) {
                if (all.get(i).at.from().isBefore(all.get(i - 1).at.to())) {
                    say(all.get(i).leg, "%s is at %d until %s.".formatted(all.get(i).leg.person(), all.get(i - 1).leg.job(),
                            SAID.format(all.get(i - 1).at.to())));
                }
            }
        });
    }

    private void noMoreToolsThanThereAre(Plan plan, SpecialTool tool) {
        List<PlacedLeg> takers = plan.legs().stream().filter(l -> l.leg().tools().contains(tool.name())).toList();
        for (PlacedLeg leg : takers) {
            List<PlacedLeg> others = takers.stream()
                    .filter(o -> o != leg && !o.start().isAfter(leg.start()) && o.end().isAfter(leg.start())).toList();
            if (others.size() >= tool.count()) {
                say(leg, "takes the %s, and all %d are in use %s (%s).".formatted(tool.name(), tool.count(), SAID.format(leg.start()),
                        others.stream().map(o -> String.valueOf(o.job())).collect(Collectors.joining(", "))));
            }
        }
    }

    /** From its first leg on a stand to the last, a bike keeps it; where a wait comes between it may hang in the rack meanwhile. */
    private void oneBikeOnAStand(Plan plan) {
        record Stay(long job, LocalDateTime from, LocalDateTime to, PlacedLeg last) {
        }
        Map<Integer, List<Stay>> stays = new HashMap<>();
        for (PlanJob job : question.jobs()) {
            List<PlacedLeg> legs = plan.of(job.number());
            LocalDateTime from = null;
            boolean sinceNow = job.stand().isPresent();
            for (int i = 0; i < legs.size(); i++) {
                PlacedLeg leg = legs.get(i);
                boolean goesOn = i > 0 && from != null && legs.get(i - 1).stand().equals(leg.stand())
                        && (sinceNow || leg.leg().waits().isEmpty());
                sinceNow &= leg.stand().isPresent();
                if (leg.stand().isEmpty()) {
                    from = null;
                    continue;
                }
                from = goesOn ? from : i == 0 && job.stand().isPresent() ? question.now() : leg.start();
                boolean more = i + 1 < legs.size() && legs.get(i + 1).stand().equals(leg.stand())
                        && (sinceNow || legs.get(i + 1).leg().waits().isEmpty());
                if (!more) {
                    stays.computeIfAbsent(leg.stand().get(), s -> new ArrayList<>()).add(new Stay(job.number(), from, leg.looked(), leg));
                }
            }
            if (job.stand().isPresent() && (legs.isEmpty() || legs.get(0).stand().isEmpty())) {
                stays.computeIfAbsent(job.stand().get(), s -> new ArrayList<>()).add(new Stay(job.number(), question.now(),
                        legs.isEmpty() ? LocalDateTime.MAX : legs.get(0).start(), null));
            }
        }
        stays.forEach((stand, all) -> {
            all.sort(Comparator.comparing(Stay::from));
            // A bike that comes back to the same stand after a wait may have left it between: only what overlaps is wrong.
            for (int i = 0; i < all.size(); i++) {
                for (int k = i + 1; k < all.size() && all.get(k).from.isBefore(all.get(i).to); k++) {
                    if (all.get(k).job != all.get(i).job && all.get(k).last != null) {
                        say(all.get(k).last, "stand %d holds %d until %s.".formatted(stand, all.get(i).job,
                                all.get(i).to.equals(LocalDateTime.MAX) ? "nobody knows when" : SAID.format(all.get(i).to)));
                    }
                }
            }
        });
    }
}
