package hingeyard.core.install.families;

import hingeyard.core.install.Fastening;
import hingeyard.core.quantity.TorqueRange;

/** Torques for fasteners the kit gives no figure for: the shop's own table. */
final class ShopTable {

    private static final String SOURCE = "shop's table";

    private ShopTable() {
    }

    static Fastening of(String what, String least, String greatest, String locker) {
        return new Fastening(what, TorqueRange.ofNewtonMetres(least, greatest), false, locker, SOURCE);
    }

    static Fastening leftHand(String what, String least, String greatest, String locker) {
        return new Fastening(what, TorqueRange.ofNewtonMetres(least, greatest), true, locker, SOURCE);
    }

    static Fastening published(String what, TorqueRange torque, String locker) {
        return new Fastening(what, torque, false, locker, "kit's sheet");
    }
}
