package hingeyard.core.money;

/** How money came or was given back. Of cards and accounts nothing is kept. */
public enum PaidHow {
    CASH("cash"),
    CARD("card"),
    TRANSFER("bank transfer"),
    OTHER("in another way");

    private final String label;

    PaidHow(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
