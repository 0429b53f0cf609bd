package hingeyard.core.quantity;

/**
 * What a length can be: from {@code least} to {@code greatest}, both included. A measured value is the band of its
 * instrument's uncertainty around the reading; a published tolerance is one too.
 *
 * @param least    the least it can be
 * @param greatest the greatest it can be; not below {@code least}
 */
public record Band(Length least, Length greatest) {

    private static final long TENTH = 100;

    public Band {
        if (least.isMoreThan(greatest)) {
            throw new IllegalArgumentException("band " + least + " to " + greatest + ": least is above greatest");
        }
    }

    public static Band exactly(Length length) {
        return new Band(length, length);
    }

    public static Band around(Length nominal, Length plusMinus) {
        return new Band(nominal.minus(plusMinus), nominal.plus(plusMinus));
    }

    /** The middle, rounded towards zero to a whole micrometre. */
    public Length middle() {
        return least.plus(greatest).half();
    }

    public Length width() {
        return greatest.minus(least);
    }

    public boolean contains(Length length) {
        return !length.isLessThan(least) && !length.isMoreThan(greatest);
    }

    /** Whether all of {@code inner} lies inside; touching ends count as inside. */
    public boolean encloses(Band inner) {
        return contains(inner.least) && contains(inner.greatest);
    }

    public boolean overlaps(Band other) {
        return !greatest.isLessThan(other.least) && !other.greatest.isLessThan(least);
    }

    public Band plus(Band other) {
        return new Band(least.plus(other.least), greatest.plus(other.greatest));
    }

    /** Every difference of a value of this and a value of {@code other}. */
    public Band minus(Band other) {
        return new Band(least.minus(other.greatest), greatest.minus(other.least));
    }

    /** This band made wider by {@code by} at both ends; {@code by} negative narrows it, refused when nothing would be left. */
    public Band widenedBy(Length by) {
        return new Band(least.minus(by), greatest.plus(by));
    }

    /** The tenths of a millimetre that lie within; itself where none does. For saying what may be bought: never a value outside. */
    public Band inTenths() {
        Length from = Length.ofMicrometres(-Math.floorDiv(-least.micrometres(), TENTH) * TENTH);
        Length to = Length.ofMicrometres(Math.floorDiv(greatest.micrometres(), TENTH) * TENTH);
        return from.isMoreThan(to) ? this : new Band(from, to);
    }

    /** In the units somebody reads: {@code 4.2–6 mm}. */
    public String text(Units units) {
        if (units == Units.METRIC) {
            return toString();
        }
        return least.equals(greatest) ? least.text(units) : least.inches() + "–" + greatest.inches() + " in";
    }

    @Override
    public String toString() {
        return least.equals(greatest) ? least.toString() : least.amount().toPlainString() + "–" + greatest.amount().toPlainString() + " mm";
    }
}
