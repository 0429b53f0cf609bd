package hingeyard.app.stock;

/** A part with its counts, as the drawers view lists it. */
public record DrawerRow(String number, String name, String usedAs, String place, int onHand, int reserved, int free) {
}
