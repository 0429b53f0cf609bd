package hingeyard.core.money;

/** What a closed document is. Each kind counts by itself, in each year from 1, without a gap. */
public enum PaperKind {
    INVOICE("Invoice", ""),
    CREDIT_NOTE("Credit note", "C"),
    RECEIPT("Receipt", "R");

    private static final int LAST_YEAR = 9999;

    private final String label;
    private final String before;

    PaperKind(String label, String before) {
        this.label = label;
        this.before = before;
    }

    public String label() {
        return label;
    }

    /**
     * As it stands on the paper: {@code 2026-0007}, {@code C2026-0001}, {@code R2026-0012}; a year of more than 9,999 goes on in five
     * digits.
     *
     * @param year    1 to 9999
     * @param running 1 or more
     * @throws IllegalArgumentException for numbers that are not so
     */
    public String number(int year, int running) {
        if (year < 1 || year > LAST_YEAR || running < 1) {
            throw new IllegalArgumentException("document %d of %d: year 1 to 9999, counted from 1".formatted(running, year));
        }
        return "%s%04d-%04d".formatted(before, year, running);
    }
}
