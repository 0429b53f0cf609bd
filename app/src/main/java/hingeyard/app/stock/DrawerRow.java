package hingeyard.app.stock;

/**
 * A part with its counts, as the drawers view lists it.
 *
 * @param size     what tells it from its neighbours: thickness, bore and outer diameter, or length; empty where none is known
 * @param price    as said; empty when nobody named one
 * @param leadDays until one comes when none is free
 * @param low      whether fewer are on hand than the shop wants there
 */
public record DrawerRow(String number, String name, String usedAs, String place, String size, int onHand, int reserved, int free,
        String price, int leadDays, String supplier, int pack, int minimum,
        boolean low) {
}
