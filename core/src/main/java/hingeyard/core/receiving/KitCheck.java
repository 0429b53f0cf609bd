package hingeyard.core.receiving;

import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.explain.Ruling;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.quantity.Voltage;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a kit's box should hold, what of it this job uses, and what is still to be looked at. */
public final class KitCheck {

    /** What has a number of its own. */
    public enum Numbered {
        MOTOR("Motor"),
        BATTERY("Battery"),
        DISPLAY("Display"),
        KEY("Key");

        private final String label;

        Numbered(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A line of the contents list.
     *
     * @param used how many of them this job mounts; 0 for what goes back in the drawer
     */
    public record Content(String name, int count, String role, int used) {
    }

    private KitCheck() {
    }

    /**
     * The part that a number is read from: another battery than the kit's own comes from its own drawer, everything else out of the kit's
     * box.
     */
    public static String partOf(Numbered what, Kit kit) {
        return what == Numbered.BATTERY && kit.otherBattery() ? kit.battery().code() : kit.boxNumber();
    }

    /** The contents list of a kit as this job's bill uses it, lines of the same name added up. */
    public static List<Content> contents(Kit kit, Bill bill) {
        Map<String, Content> contents = new LinkedHashMap<>();
        for (KitItem item : kit.contents()) {
            int used = bill.from(Source.FROM_KIT).filter(l -> l.name().equals(item.name())).mapToInt(BillLine::count).sum();
            contents.merge(item.name(), new Content(item.name(), item.count(), item.role(), Math.min(used, item.count())),
                    (a, b) -> new Content(a.name(), a.count() + b.count(), a.role(), Math.min(used, a.count() + b.count())));
        }
        return List.copyOf(contents.values());
    }

    /** What of a kit has a number to be written down. */
    public static Set<Numbered> numbered(Kit kit) {
        Set<Numbered> wanted = EnumSet.noneOf(Numbered.class);
        if (kit.equipment().motor().isPresent()) {
            wanted.add(Numbered.MOTOR);
        }
        if (kit.contentsFor("battery").findAny().isPresent() || kit.otherBattery()) {
            wanted.add(Numbered.BATTERY);
            wanted.add(Numbered.KEY);
        }
        if (kit.contentsFor("display").findAny().isPresent()) {
            wanted.add(Numbered.DISPLAY);
        }
        return wanted;
    }

    /**
     * Whether so few good pieces keep the job waiting: it mounts more of them. What would go back in the drawer anyway is claimed and
     * waited for by nobody.
     */
    public static boolean blocks(Content content, int good) {
        return good < content.used();
    }

    /**
     * Whether a run on the bench proves the kit.
     *
     * @param volts at the battery's plug
     */
    public static Ruling proven(Battery battery, Voltage volts, boolean ran) {
        if (volts.millivolts() < battery.empty().millivolts() || volts.millivolts() > battery.full().millivolts()) {
            return Ruling.no(
                    "%s at the plug is outside what this battery can have, %s to %s: it is not connected, the box goes back or the battery to its maker."
                            .formatted(volts.text(), battery.empty().text(),
                                    battery.full().text()));
        }
        return ran ? Ruling.yes()
                : Ruling.no("It did not run: find out now, before anything comes off the bike. A dead part goes back clean.");
    }

    /** What keeps the check from being closed, in words; empty when nothing does. */
    public static List<String> open(List<Content> contents, Set<String> looked, Set<Numbered> wanted, Set<Numbered> written,
            boolean proven) {
        List<String> open = new ArrayList<>();
        long left = contents.stream().filter(c -> !looked.contains(c.name())).count();
        if (left > 0) {
            open.add(left == 1 ? "1 line of the contents is not looked at" : left + " lines of the contents are not looked at");
        }
        wanted.stream().filter(w -> !written.contains(w)).forEach(w -> open.add(w.label() + ": number not written down"));
        if (!proven && wanted.contains(Numbered.MOTOR)) {
            open.add("The kit has not run on the bench");
        }
        return open;
    }
}
