package hingeyard.core.explain;

import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * What would make it go on, or go on better.
 *
 * @param kind     what sort of remedy
 * @param said     what to do, as said to a technician or customer
 * @param part     the part and how many, for {@code PART}, {@code BUY} and {@code MAKE}
 * @param work     skill and minutes, for {@code WORK}
 * @param measures keys of the measures to take, for {@code MEASURE}
 * @param replaces roles of what goes out for it: of the box (its screws, its levers), which then go back in the drawer, or of the bike's
 *                 own that would have moved over
 */
public record Remedy(Kind kind, Sentence said, Optional<PartNeed> part, Optional<WorkNeed> work, List<String> measures,
        List<String> replaces) {

    /** What sort of remedy it is. */
    public enum Kind {
        PART,
        BUY,
        /** Printed or turned in the shop. */
        MAKE,
        WORK,
        CONSENT,
        MEASURE,
        OTHER_KIT,
        /** The kit's sheet leaves something out that must be asked of its maker. */
        SHEET
    }

    /** Where the part comes from. */
    public enum Supply {
        KIT,
        DRAWER,
        BUY,
        MAKE
    }

    /**
     * @param partNumber the part's number, also of a known one that has to be bought; empty for one that has still to be found or made
     * @param name       what it is
     * @param count      how many, at least 1
     * @param supply     where from
     * @param place      the drawer it lies in, empty when it comes with the kit or is bought
     * @param role       what it is mounted as, for example {@code bracket-stack}: the step that mounts it consumes it
     * @param making     how the shop makes it; of {@code MAKE} only
     * @param thick      of a piece of a stack that is bought or made: what comes instead is as thick, or it is another stack
     */
    public record PartNeed(String partNumber, String name, int count, Supply supply, String place, String role,
            Optional<Making> making, Optional<Length> thick) {
        public PartNeed {
            if (count < 1) {
                throw new IllegalArgumentException("part need of " + name + ": count " + count + ", must be at least 1");
            }
            if (supply == Supply.MAKE != making.isPresent()) {
                throw new IllegalArgumentException("part need of " + name + ": " + supply + " with " + making);
            }
        }

        public PartNeed(String partNumber, String name, int count, Supply supply, String place, String role) {
            this(partNumber, name, count, supply, place, role, Optional.empty(), Optional.empty());
        }
    }

    /**
     * @param skill   the skill it takes
     * @param minutes how long it takes, at least 0
     */
    public record WorkNeed(String skill, int minutes) {
    }

    public Remedy {
        measures = List.copyOf(measures);
        replaces = List.copyOf(replaces);
    }

    public static Remedy part(PartNeed need, CharSequence text) {
        Kind kind = switch (need.supply()) {
            case BUY -> Kind.BUY;
            case MAKE -> Kind.MAKE;
            case KIT, DRAWER -> Kind.PART;
        };
        return new Remedy(kind, Sentence.plain(text), Optional.of(need), Optional.empty(), List.of(), List.of());
    }

    public static Remedy work(String skill, int minutes, CharSequence text) {
        return new Remedy(Kind.WORK, Sentence.plain(text), Optional.empty(), Optional.of(new WorkNeed(skill, minutes)), List.of(),
                List.of());
    }

    public static Remedy consent(CharSequence text) {
        return new Remedy(Kind.CONSENT, Sentence.plain(text), Optional.empty(), Optional.empty(), List.of(), List.of());
    }

    public static Remedy measure(CharSequence text, String... keys) {
        return new Remedy(Kind.MEASURE, Sentence.plain(text), Optional.empty(), Optional.empty(), List.of(keys), List.of());
    }

    public static Remedy otherKit(CharSequence text) {
        return new Remedy(Kind.OTHER_KIT, Sentence.plain(text), Optional.empty(), Optional.empty(), List.of(), List.of());
    }

    /** What must be asked of the kit's maker and written on its sheet. */
    public static Remedy sheet(CharSequence text) {
        return new Remedy(Kind.SHEET, Sentence.plain(text), Optional.empty(), Optional.empty(), List.of(), List.of());
    }

    /** The same, in place of what is mounted in these roles otherwise. */
    public Remedy replacing(String... roles) {
        return new Remedy(kind, said, part, work, measures, List.of(roles));
    }

    public String text() {
        return said.toString();
    }
}
