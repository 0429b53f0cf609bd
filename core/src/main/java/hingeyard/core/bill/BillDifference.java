package hingeyard.core.bill;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.made.MadeKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is other in a later bill than in an earlier one, as a person reads it. Where a part comes from by supply alone (held, to order) is
 * no difference: the same part goes on.
 *
 * @param changes in the later bill's order, what is dropped last
 */
public record BillDifference(List<Change> changes) {

    /** What happened to a line. */
    public enum Kind {
        ADDED,
        INSTEAD,
        COUNT,
        CONSENT,
        DROPPED
    }

    /**
     * @param kind    what happened
     * @param text    in a sentence
     * @param reason  why the later bill has it; for a dropped line why the earlier one had it
     * @param checkId the check that asked for it; empty when none did
     * @param role    what it is mounted as; empty where it is mounted as nothing
     */
    public record Change(Kind kind, String text, String reason, String checkId, String role) {
    }

    /** Lines are the same when they are the same thing in the same place for the same check. */
    private record Key(Side side, String checkId, String role, String what) {

        static Key of(BillLine line) {
            return new Key(Side.of(line.source()), line.checkId(), line.role(),
                    // A made part of other measures under the same name is another part: its step opens again.
                    line.partNumber().isEmpty() ? line.name() + line.making().map(m -> " " + m.text()).orElse("") : line.partNumber());
        }
    }

    private enum Side {
        /** Held or to order: the shop's. */
        SHOP,
        KIT,
        BACK,
        OTHER,
        CONSENT;

        static Side of(Source source) {
            return switch (source) {
                case KIT_BOX, FROM_DRAWER, TO_ORDER, TO_MAKE, MADE -> SHOP;
                case FROM_KIT -> KIT;
                case BACK_IN_DRAWER -> BACK;
                case CONSENTED -> CONSENT;
                case NOT_TAKEN, CONSUMABLE, WITH_JOB, MOVED_OVER, HANDED_BACK -> OTHER;
            };
        }
    }

    public BillDifference {
        changes = List.copyOf(changes);
    }

    public static BillDifference between(Bill earlier, Bill later) {
        Map<Key, BillLine> before = byKey(earlier);
        Map<Key, BillLine> after = byKey(later);
        List<BillLine> gone = new ArrayList<>(
                before.entrySet().stream().filter(e -> !after.containsKey(e.getKey())).map(Map.Entry::getValue).toList());
        List<Change> changes = new ArrayList<>();
        if (!earlier.kitCode().equals(later.kitCode())) {
            changes.add(new Change(Kind.INSTEAD, "Kit " + later.kitCode() + " instead of " + earlier.kitCode(), "Another kit is chosen", "",
                    ""));
        }
        after.forEach((key, line) -> {
            BillLine was = before.get(key);
            if (was == null) {
                changes.add(arrived(line, gone));
            } else if (was.count() != line.count()) {
                changes.add(change(Kind.COUNT, "%s: %d instead of %d".formatted(line.name(), line.count(), was.count()), line));
            } else if (line.source() == Source.CONSENTED && !was.reason().equals(line.reason())) {
                changes.add(change(Kind.CONSENT, line.name() + ": what is consented to reads otherwise now", line));
            }
        });
        gone.forEach(line -> changes.add(change(Kind.DROPPED,
                said(line) + (line.source() == Source.CONSENTED ? ": no longer a trade-off" : " no longer on the bill"), line)));
        return new BillDifference(changes);
    }

    /** New, or instead of something that the same check asked for in the same place and that is gone. */
    private static Change arrived(BillLine line, List<BillLine> gone) {
        if (line.source() == Source.CONSENTED) {
            return change(Kind.CONSENT, "Wants consent: " + line.name(), line);
        }
        for (BillLine was : gone) {
            if (!line.role().isEmpty() && was.role().equals(line.role()) && was.checkId().equals(line.checkId())
                    && Side.of(was.source()) != Side.BACK && Side.of(line.source()) != Side.BACK) {
                gone.remove(was);
                return change(Kind.INSTEAD, said(line) + " instead of " + said(was), line);
            }
        }
        return change(Kind.ADDED, said(line) + (line.source() == Source.BACK_IN_DRAWER ? " back in the drawer" : " added"), line);
    }

    private static Map<Key, BillLine> byKey(Bill bill) {
        Map<Key, BillLine> lines = new LinkedHashMap<>();
        bill.lines().forEach(l -> lines.merge(Key.of(l), l, (a, b) -> a.times(a.count() + b.count())));
        return lines;
    }

    private static String said(BillLine line) {
        String from = switch (line.source()) {
            case FROM_KIT -> ", from the box";
            case TO_ORDER -> ", to order";
            case TO_MAKE, MADE -> line.making().map(m -> ", made here: " + MadeKind.of(m).name()).orElse(", made here");
            default -> line.place().isEmpty() ? "" : ", drawer " + line.place();
        };
        return line.source() == Source.CONSENTED || line.source() == Source.WITH_JOB ? line.name()
                : line.count() + " × " + line.name() + from;
    }

    private static Change change(Kind kind, String text, BillLine line) {
        return new Change(kind, text, line.reason(), line.checkId(), line.role());
    }
}
