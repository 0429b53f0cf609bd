package hingeyard.app.stock;

/**
 * A part with its counts, as the drawers view lists it.
 *
 * @param price    as said; empty when nobody named one
 * @param leadDays until one comes when none is free
 */
public record DrawerRow(String number, String name, String usedAs, String place, int onHand, int reserved, int free, String price, int leadDays) {
}
