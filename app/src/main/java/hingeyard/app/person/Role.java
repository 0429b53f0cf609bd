package hingeyard.app.person;

/** What somebody does in the shop. */
public enum Role {
    MANAGER,
    TECHNICIAN,
    STOCK_KEEPER
}
