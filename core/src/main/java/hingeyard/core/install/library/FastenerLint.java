package hingeyard.core.install.library;

import hingeyard.core.bench.BenchFigure;
import hingeyard.core.install.Posture;
import hingeyard.core.install.WheelPlace;
import hingeyard.core.install.Zone;
import hingeyard.core.install.library.StepText.FastenerText;
import hingeyard.core.install.library.StepText.FigureText;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.TorqueRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What is wrong with one step's place, fasteners and figures. */
final class FastenerLint {

    /** Torques that some drive's sheet names. */
    private static final Set<String> KIT_TORQUES = Set.of("lock-nut", "second-nut", "plate-screws", "chainring-screws", "axle-nut",
            "arm-screw", "pins", "studs", "clamp", "pivot");
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,6}(\\.\\d{1,3})?");

    private final LibraryLint lint;
    private final FragmentText fragment;
    private final int at;
    private final StepText step;

    FastenerLint(LibraryLint lint, FragmentText fragment, int at) {
        this.lint = lint;
        this.fragment = fragment;
        this.at = at;
        this.step = fragment.steps().get(at);
    }

    void check() {
        place();
        for (FastenerText f : step.fasten()) {
            fastener(f);
        }
        Set<String> keys = new HashSet<>();
        for (FigureText f : step.figures()) {
            wrong(!keys.add(f.key()), "figures", "'%s' stands twice", f.key());
            figure(f);
        }
    }

    private void wrong(boolean is, String field, String reason, Object... with) {
        if (is) {
            lint.fault(fragment, at, field, reason, with);
        }
    }

    private static boolean constant(Enum<?>[] constants, String key) {
        return Arrays.stream(constants).anyMatch(c -> c.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(key));
    }

    private void place() {
        step.zones().stream().filter(z -> !constant(Zone.values(), z)).forEach(z -> wrong(true, "zones", "'%s' is no zone", z));
        wrong(step.posture() != null && !constant(Posture.values(), step.posture()), "posture", "'%s' is no posture", step.posture());
        step.wheels().stream().filter(w -> WheelPlace.find(w).isEmpty())
                .forEach(w -> wrong(true, "wheels", "'%s' is not 'front in', 'front out', 'rear in' or 'rear out'", w));
        wrong(step.battery() != null && !step.battery().equals("in"), "battery", "'%s': write 'in', or nothing when it is out",
                step.battery());
    }

    private void fastener(FastenerText f) {
        fastener(f, step.tools()).forEach(w -> wrong(true, w.startsWith("no torque wrench") ? "tools" : "fasten", "%s", w));
    }

    /** What is wrong with a fastener. @param tools what is at hand for it */
    static List<String> fastener(FastenerText f, List<String> tools) {
        List<String> wrong = new ArrayList<>();
        String torque = f.torque() == null ? "" : f.torque();
        boolean kit = torque.startsWith(StepMaker.KIT) && KIT_TORQUES.contains(torque.substring(StepMaker.KIT.length()));
        boolean shop = torque.startsWith(StepMaker.SHOP) && TorqueRule.named(torque.substring(StepMaker.SHOP.length())).isPresent();
        if (!kit && !shop) {
            wrong.add("'%s' has no torque: '%s' is neither 'kit' with one of %s nor 'shop' with a line of the torque table"
                    .formatted(f.what(), torque, KIT_TORQUES.stream().sorted().toList()));
        }
        if (f.locker() == null || f.locker().isBlank()) {
            wrong.add("'%s': say its locker, grease, or dry".formatted(f.what()));
        }
        if (f.turns() != null && !f.turns().equals("left")) {
            wrong.add("'%s' turns '%s': write 'left' for a left-hand thread, else nothing".formatted(f.what(), f.turns()));
        }
        if (f.what().contains("left pedal") && f.turns() == null) {
            wrong.add("a left pedal has a left-hand thread");
        }
        if (tools.stream().noneMatch(t -> t.startsWith("torque wrench"))) {
            wrong.add("no torque wrench for '%s', which has a torque".formatted(f.what()));
        }
        return wrong;
    }

    private void figure(FigureText f) {
        if (f.torque() != null) {
            wrong(step.fasten().stream().noneMatch(t -> t.what().equals(f.torque())), "figures",
                    "'%s' reads '%s', which is no fastener of this step", f.key(), f.torque());
            return;
        }
        wrong(f.name() == null || f.tool() == null, "figures", "'%s' wants a name and a tool", f.key());
        bench(f);
        List.of(Optional.ofNullable(f.from()).orElse(""), Optional.ofNullable(f.to()).orElse("")).stream().filter(e -> !end(e))
                .forEach(e -> wrong(true, "figures", "'%s': '%s' is neither a number nor 'rule KEY' nor 'kit NAME'", f.key(), e));
        if (number(f.from()) && number(f.to())) {
            wrong(new java.math.BigDecimal(f.from()).compareTo(new java.math.BigDecimal(f.to())) > 0, "figures",
                    "'%s': no reading is both at least %s and at most %s", f.key(), f.from(), f.to());
        }
    }

    private void bench(FigureText f) {
        if (f.bench() == null) {
            return;
        }
        Optional<BenchFigure> known = BenchFigure.find(f.bench());
        wrong(known.isEmpty(), "figures", "'%s': the bench finds no '%s'; it finds %s", f.key(), f.bench(), BenchFigure.keys());
        wrong(known.filter(k -> !k.unit().equals(f.unit())).isPresent(), "figures", "'%s' is in %s, and the bench finds '%s' in %s",
                f.key(),
                f.unit(), f.bench(), known.map(BenchFigure::unit).orElse(""));
    }

    private static boolean number(String end) {
        return end != null && NUMBER.matcher(end).matches();
    }

    private static boolean end(String end) {
        if (end.startsWith(StepMaker.RULE)) {
            return Rule.find(end.substring(StepMaker.RULE.length())).filter(r -> r instanceof LengthRule || r instanceof NumberRule)
                    .isPresent();
        }
        return end.startsWith(StepMaker.KIT) ? KitFigure.find(end.substring(StepMaker.KIT.length())).isPresent() : number(end);
    }
}
