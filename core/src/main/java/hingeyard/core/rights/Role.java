package hingeyard.core.rights;

/** What somebody does in the shop. */
public enum Role {
    MANAGER("service manager"),
    TECHNICIAN("technician"),
    STOCK_KEEPER("stock keeper");

    private final String label;

    Role(String label) {
        this.label = label;
    }

    /** Without article, in lower case. */
    public String label() {
        return label;
    }
}
