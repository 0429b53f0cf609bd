package hingeyard.core.bill;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.explain.Sentence;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.Step;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Lead;
import hingeyard.core.kit.LeadRun;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What a job uses up, by rule: ties by the length of the leads, wrap by the metre of loom, locker and grease by the fasteners, tape by the
 * rim, cleaner where a rotor is touched.
 */
public final class Consumables {

    private static final long MICROMETRES_IN_A_METRE = 1_000_000;
    /** The step that closes the loom uses up what it is tied and wrapped with. */
    private static final String ROLE = "loom";
    private static final String TAPE = "rim-tape";

    private Consumables() {
    }

    /**
     * Lines for a job's bill.
     *
     * @param steps of the job, whose fasteners count
     */
    public static List<BillLine> of(Kit kit, List<Step> steps, Drawers drawers, ShopRules rules) {
        List<BillLine> lines = new ArrayList<>();
        List<Lead> leads = kit.equipment().leads();
        if (!leads.isEmpty()) {
            ties(leads, drawers, rules, lines);
            wrap(leads, drawers, lines);
        }
        kit.drive().hub().ifPresent(hub -> rimTape(kit, hub, drawers, rules, lines));
        onFasteners("locker", "Thread locker", steps, drawers, lines);
        onFasteners("grease", "Assembly grease", steps, drawers, lines);
        if (kit.drive().rotorGear().isPresent() || kit.drive().hub().filter(h -> h.rotor().isPresent()).isPresent()) {
            lines.add(new BillLine(Source.CONSUMABLE, "", "Rotor cleaner and a clean cloth", 1,
                    "The rotor is handled: cleaned before the pads meet it", "", "", ""));
        }
        return lines;
    }

    /** One for every so much of every lead, begun ones whole, and those at its ends. */
    private static void ties(List<Lead> leads, Drawers drawers, ShopRules rules, List<BillLine> lines) {
        long every = rules.value(LengthRule.TIE_EVERY).micrometres();
        int atEnds = rules.value(NumberRule.TIES_AT_ENDS).intValue();
        long total = leads.stream().mapToLong(l -> l.length().micrometres()).sum();
        int count = leads.stream().mapToInt(l -> Math.toIntExact(ceil(l.length().micrometres(), Math.max(1, every))) + atEnds).sum();
        counted("tie", "Cable tie", count,
                Sentence.of("%d leads, %s m in all: a tie for every %s begun, %d at the ends of each", leads.size(), metres(total),
                        rules.value(LengthRule.TIE_EVERY),
                        atEnds),
                drawers, lines);
    }

    /** Leads that run the same way share a wrap as long as the longest of them. */
    private static void wrap(List<Lead> leads, Drawers drawers, List<BillLine> lines) {
        Map<LeadRun, Long> ways = new EnumMap<>(LeadRun.class);
        leads.forEach(l -> ways.merge(l.run(), l.length().micrometres(), Math::max));
        long way = ways.values().stream().mapToLong(Long::longValue).sum();
        counted("loom-wrap", "Loom wrap, metre", Math.toIntExact(ceil(way, MICROMETRES_IN_A_METRE)),
                Sentence.of("%d ways of the loom, %s m along the longest lead of each, to the next metre", ways.size(),
                        metres(way)),
                drawers, lines);
    }

    /** The motor's rim gets its own; a box that brings some is left to its step. */
    private static void rimTape(Kit kit, HubDrive hub, Drawers drawers, ShopRules rules, List<BillLine> lines) {
        if (kit.contents().stream().anyMatch(i -> i.role().equals(TAPE))) {
            return;
        }
        Length inner = hub.wheel().rimInnerWidth();
        Band width = new Band(inner.plus(rules.value(LengthRule.TAPE_OVER_LEAST)), inner.plus(rules.value(LengthRule.TAPE_OVER_MOST)));
        counted(TAPE, "Rim tape, " + width + " wide", 1,
                Sentence.of("The motor's rim is %s inside: tape of %s covers every spoke hole", inner, width), TAPE,
                p -> p.facts().length().filter(width::contains).isPresent(), drawers, lines);
    }

    private static void counted(String use, String name, int count, CharSequence why, Drawers drawers, List<BillLine> lines) {
        counted(use, name, count, why, ROLE, p -> true, drawers, lines);
    }

    private static void counted(String use, String name, int count, CharSequence why, String role, Predicate<DrawerPart> suits,
            Drawers drawers, List<BillLine> lines) {
        if (count == 0) {
            return;
        }
        lines.add(drawers.find(use, count, suits)
                .map(p -> new BillLine(Source.FROM_DRAWER, p.number(), p.name(), count, why.toString(), "", role, p.place()))
                .or(() -> drawers.find(use, 0, suits)
                        .map(p -> new BillLine(Source.TO_ORDER, p.number(), p.name(), count, why + "; too few are free", "", role, "")))
                .orElseGet(() -> new BillLine(Source.CONSUMABLE, "", name, count, why.toString(), "", "", "")));
    }

    private static Optional<DrawerPart> known(String use, Drawers drawers) {
        return drawers.usedAs(use).stream().findFirst();
    }

    private static void onFasteners(String use, String name, List<Step> steps, Drawers drawers, List<BillLine> lines) {
        List<String> on = steps.stream().map(Step::fastenings).flatMap(List::stream)
                .filter(f -> f.locker().toLowerCase(Locale.ROOT).contains(use)).map(Fastening::what).toList();
        if (!on.isEmpty()) {
            lines.add(new BillLine(Source.CONSUMABLE, "", name, 1,
                    "For " + on.size() + (on.size() == 1 ? " fastener: " : " fasteners: ")
                            + String.join(", ", on.stream().distinct().toList()),
                    "", "",
                    known(use, drawers).map(DrawerPart::place).orElse("")));
        }
    }

    private static long ceil(long amount, long per) {
        return -Math.floorDiv(-amount, per);
    }

    private static String metres(long micrometres) {
        return Length.ofMicrometres(micrometres).amount().movePointLeft(3).stripTrailingZeros().toPlainString();
    }
}
