package hingeyard.core.install.library;

import hingeyard.core.bench.BenchFigure;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Hazard;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Rest;
import hingeyard.core.install.Reverse;
import hingeyard.core.install.Step;
import hingeyard.core.install.WheelPlace;
import hingeyard.core.install.Zone;
import hingeyard.core.install.library.StepText.FastenerText;
import hingeyard.core.install.library.StepText.FigureText;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.rules.TorqueRule;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Makes steps of what is written, with the figures of one job's kit and the shop's rules. */
final class StepMaker {

    static final String KIT = "kit ";
    static final String SHOP = "shop ";
    static final String RULE = "rule ";
    /** What a step leaves that changes nothing. */
    static final String NOTHING = "nothing";

    private final Kit kit;
    private final ShopRules rules;
    private final boolean heavy;

    StepMaker(Condition.Facts facts) {
        kit = facts.work().match().kit();
        rules = facts.work().match().rules();
        heavy = facts.of(Fact.HEAVY).contains("yes");
    }

    Step step(StepText text, Set<String> after) {
        Set<Zone> zones = new java.util.TreeSet<>(text.zones().stream().map(StepMaker::zone).toList());
        Step.Builder step = Step.called(text.key(), text.title()).in(Phase.find(text.phase()).orElseThrow()).text(text.text().strip())
                .at(posture(text, zones), zones)
                .wheels(text.wheels().stream().map(w -> WheelPlace.find(w).orElseThrow()).toList())
                .work(text.skill() == null ? "general" : text.skill(), text.people() == null ? 1 : text.people(), text.minutes())
                .tools(text.tools()).careful(cautions(text)).mounts(text.mounts()).after(after).drawing(text.drawing()).hold(text.hold())
                .guards(text.guards()).atTheBench(text.bench());
        if ("in".equals(text.battery())) {
            step.batteryIn();
        }
        if ("settings".equals(text.fills())) {
            step.reaches(Milestone.SETTINGS_ENTERED);
        }
        List<Fastening> fastenings = fastenings(text.fasten(), text.key());
        fastenings.forEach(step::fasten);
        step.reverse(reverse(text));
        if (text.rests() != null) {
            step.rests(new Rest(text.rests().since(), text.rests().minutes(), text.rests().why()));
        }
        text.figures().forEach(f -> step.record(figure(f, fastenings, text.key())));
        return step.step();
    }

    private List<Fastening> fastenings(List<FastenerText> written, String step) {
        return written.stream()
                .map(f -> new Fastening(f.what(), Optional.ofNullable(f.thread()), torque(f.torque(), step), "left".equals(f.turns()),
                        f.locker(), Optional.ofNullable(f.pattern()), f.torque().startsWith(KIT) ? "kit's sheet" : "shop's table"))
                .toList();
    }

    /** Null where nobody said: then what it mounts comes off. */
    private Reverse reverse(StepText text) {
        StepText.BackText back = text.back();
        if (back != null) {
            return Reverse.by(new Reverse.PutBack(back.title(), back.text().strip(), back.minutes(), back.last(), back.tools(),
                    fastenings(back.fasten(), text.key())));
        }
        return text.leaves() == null ? null : text.leaves().equals(NOTHING) ? Reverse.NOTHING : Reverse.stays(text.leaves());
    }

    static Zone zone(String key) {
        return Zone.valueOf(key.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** What is too heavy for the clamp goes on its back, and stays on its wheels where hands are at the bars that it would lie on. */
    private Posture posture(StepText text, Set<Zone> zones) {
        Posture wanted = text.posture() == null ? Posture.ANY : Posture.valueOf(text.posture().toUpperCase(Locale.ROOT).replace('-', '_'));
        if (wanted != Posture.CLAMP || !heavy) {
            return wanted;
        }
        return zones.contains(Zone.BARS) ? Posture.ON_WHEELS : Posture.ON_BACK;
    }

    private static List<String> cautions(StepText text) {
        List<String> cautions = new ArrayList<>(text.cautions());
        text.hazards().forEach(h -> cautions.add(Hazard.find(h).orElseThrow().caution()));
        return cautions;
    }

    private TorqueRange torque(String written, String step) {
        if (written.startsWith(KIT)) {
            String name = written.substring(KIT.length());
            return Optional.ofNullable(kit.drive().torques().get(name))
                    .orElseThrow(() -> new IllegalStateException(
                            "step '%s': the sheet of %s names no torque '%s'".formatted(step, kit.fullName(), name)));
        }
        return rules.value(TorqueRule.named(written.substring(SHOP.length())).orElseThrow());
    }

    private FigureWanted figure(FigureText text, List<Fastening> fastenings, String step) {
        if (text.torque() != null) {
            Fastening read = fastenings.stream().filter(f -> f.what().equals(text.torque())).findFirst().orElseThrow();
            return new FigureWanted(text.key(), read.what().substring(0, 1).toUpperCase(Locale.ROOT) + read.what().substring(1), "N·m",
                    read.torque().least().amount(),
                    read.torque().greatest().amount(), "torque wrench");
        }
        return new FigureWanted(text.key(), text.name(), text.unit() == null ? "" : text.unit(), end(text.from(), step),
                end(text.to(), step), text.tool(), Optional.ofNullable(text.bench()).flatMap(BenchFigure::find));
    }

    private BigDecimal end(String written, String step) {
        if (written.startsWith(RULE)) {
            Rule rule = Rule.find(written.substring(RULE.length())).orElseThrow();
            return rule instanceof LengthRule length ? rules.value(length).amount() : rules.value((NumberRule) rule);
        }
        if (written.startsWith(KIT)) {
            return KitFigure.find(written.substring(KIT.length())).orElseThrow().of(kit, rules)
                    .orElseThrow(() -> new IllegalStateException(
                            "step '%s': the sheet of %s names no '%s'".formatted(step, kit.fullName(), written.substring(KIT.length()))));
        }
        return new BigDecimal(written);
    }
}
