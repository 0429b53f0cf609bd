package hingeyard.core.bill;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Ruling;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.kit.PieceSize;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What the manager changes on a bill by hand, beside everything the match asks for. It stands on every later revision too, as long as the
 * line it is about does.
 *
 * @param kind   what is changed
 * @param role   what the line is mounted as; of an added part that of the step it goes on with
 * @param what   the line's part number, its name where it has none; empty for an added part
 * @param part   number of the part that is added or goes on instead; empty otherwise
 * @param name   what that is
 * @param count  how many; of what is left out as many as there were
 * @param reason why, as it prints
 * @param by     who said so
 */
public record ByHand(Kind kind, String role, String what, String part, String name, int count, String reason, String by) {

    /** What may be done with a line. */
    public enum Kind {
        ADDED("added by hand"),
        OTHER_PART("another part by hand"),
        OTHER_COUNT("another count by hand"),
        LEFT_OUT("left out by hand");

        private final String label;

        Kind(String label) {
            this.label = label;
        }
    }

    private static final Set<Source> CHANGEABLE = EnumSet.of(Source.FROM_KIT, Source.FROM_DRAWER, Source.TO_ORDER, Source.TO_MAKE,
            Source.MADE);
    /** Parts of a kit that its whole match stands on. */
    private static final Set<String> JUDGED_BY = Set.of("motor", "motor-wheel", "battery", "controller", "loom");
    private static final int MOST = 99;

    /**
     * A line as it may be changed.
     *
     * @param line  of the bill
     * @param asked the finding that asked for it, where one did
     * @param thick how thick it is, where it is a piece of a stack
     */
    public record Place(BillLine line, Optional<Finding> asked, Optional<Length> thick) {

        private boolean guarded() {
            return asked.filter(f -> !f.overridable()).isPresent();
        }
    }

    /** What may be done with a line at all, whatever part is named. */
    public static List<Kind> kinds(Place place) {
        return Stream.of(Kind.OTHER_PART, Kind.OTHER_COUNT, Kind.LEFT_OUT).filter(k -> may(k, place).allowed()).toList();
    }

    /**
     * Whether that may be done with a line at all. What a safety limit rests on, and what a kit's maker has mounted, is not left out; motor
     * and battery are the kit; and a stack is the solver's: another piece or count is another stack, which no check has seen.
     */
    public static Ruling may(Kind kind, Place place) {
        BillLine line = place.line;
        if (!CHANGEABLE.contains(line.source())) {
            return Ruling.no(line.source() == Source.KIT_BOX ? "The box is the kit itself: choose another kit."
                    : "'%s' is not changed by hand.".formatted(line.name()));
        }
        boolean boxed = line.source() == Source.FROM_KIT;
        if (boxed && JUDGED_BY.contains(line.role())) {
            return Ruling.no("'%s' is what every check was judged by: choose another kit.".formatted(line.name()));
        }
        if (boxed && kind == Kind.LEFT_OUT && !line.role().isEmpty()) {
            return Ruling.no("'%s' is what its maker puts in the box to be mounted: another part may go on instead, none may not."
                    .formatted(line.name()));
        }
        if (kind == Kind.OTHER_COUNT && boxed) {
            return Ruling.no("'%s' comes with the box: more of it is a part that is added.".formatted(line.name()));
        }
        if (kind != Kind.OTHER_PART && place.thick.isPresent()) {
            return Ruling.no(
                    "'%s' is a piece of a stack: another count is another stack, which no check has seen. Measure again, or change what lies in the drawers."
                            .formatted(line.name()));
        }
        if (kind == Kind.LEFT_OUT && place.guarded()) {
            return Ruling.no("What '%s' asks for is never left out: %s".formatted(place.asked.get().title(), place.asked.get().sentence()));
        }
        return Ruling.yes();
    }

    /** Whether so many may go on. */
    public static Ruling mayCount(Place place, int count) {
        if (count < 1 || count > MOST) {
            return Ruling.no("%d of '%s': allowed are 1 to %d.".formatted(count, place.line.name(), MOST));
        }
        return place.guarded() && count < place.line.count()
                ? Ruling.no("'%s' asks for %d: fewer is never enough. %s".formatted(place.asked.get().title(), place.line.count(),
                        place.asked.get().sentence()))
                : Ruling.yes();
    }

    /** Whether this part may go on there: in a stack only one as thick; for what a safety limit rests on only what is used as the same. */
    public static Ruling mayTake(Place place, DrawerPart other, String use) {
        if (other.number().equals(place.line.partNumber())) {
            return Ruling.no("%s is the part that goes on already.".formatted(other.number()));
        }
        Optional<Length> thick = place.thick;
        if (!StandIn.fills(thick, other.size().map(PieceSize::thickness))) {
            return Ruling.no("'%s' is not %s thick: that is another stack, which no check has seen.".formatted(other.name(), thick.get()));
        }
        return place.guarded() && !other.use().equals(use)
                ? Ruling.no("'%s' is used as '%s', and '%s' asks for a '%s': %s".formatted(other.name(), other.use(),
                        place.asked.get().title(), use, place.asked.get().sentence()))
                : Ruling.yes();
    }

    /** Whether a part may be added beside what is mounted there: one more piece in a stack is another stack. */
    public static Ruling mayAdd(DrawerPart part, List<Place> there, int count) {
        if (count < 1 || count > MOST) {
            return Ruling.no("%d of '%s': allowed are 1 to %d.".formatted(count, part.name(), MOST));
        }
        return there.stream().anyMatch(p -> p.thick.isPresent()) && part.size().isPresent()
                ? Ruling.no(
                        "'%s' would be one more piece in a stack, which no check has seen. Measure again, or change what lies in the drawers."
                                .formatted(part.name()))
                : Ruling.yes();
    }

    /** Whether the line it is about is on the bill still. */
    public boolean applies(Bill bill) {
        return kind == Kind.ADDED || bill.lines().stream().anyMatch(this::means);
    }

    /** In a sentence, for the revision's reason. */
    public String said() {
        return "%s: %s%s, %s".formatted(kind == Kind.ADDED ? name : what, kind.label,
                kind == Kind.OTHER_PART ? ", " + name : kind == Kind.OTHER_COUNT || kind == Kind.ADDED ? ", " + count : "", reason);
    }

    private boolean means(BillLine line) {
        return CHANGEABLE.contains(line.source()) && line.role().equals(role) && what(line).equals(what);
    }

    /** How a change names a line. */
    public static String what(BillLine line) {
        return line.partNumber().isEmpty() ? line.name() : line.partNumber();
    }

    /** The bill with it. */
    List<BillLine> on(List<BillLine> lines) {
        return kind == Kind.ADDED ? Stream.concat(lines.stream(), Stream.of(taken(count, "", role))).toList()
                : lines.stream().flatMap(l -> means(l) ? changed(l) : Stream.of(l)).toList();
    }

    private Stream<BillLine> changed(BillLine line) {
        String why = "%s (%s). %s".formatted(reason, by, line.reason());
        boolean boxed = line.source() == Source.FROM_KIT;
        BillLine back = new BillLine(Source.BACK_IN_DRAWER, "", line.name(), line.count(), why, line.checkId(), "", "");
        return switch (kind) {
            case OTHER_PART -> boxed ? Stream.of(back, taken(line.count(), line.checkId(), line.role()))
                    : Stream.of(taken(line.count(), line.checkId(), line.role()));
            case OTHER_COUNT -> Stream.of(line.times(count).because(why));
            case LEFT_OUT -> Stream
                    .of(boxed ? back : new BillLine(Source.NOT_TAKEN, "", line.name(), line.count(), why, line.checkId(), line.role(), ""));
            case ADDED -> Stream.of(line);
        };
    }

    private BillLine taken(int pieces, String checkId, String mountedAs) {
        return new BillLine(Source.FROM_DRAWER, part, name, pieces, "%s (%s)".formatted(reason, by), checkId, mountedAs, "");
    }
}
