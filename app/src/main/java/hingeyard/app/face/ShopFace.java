package hingeyard.app.face;

import java.util.Optional;

/**
 * The shop as its papers show it.
 *
 * @param version  what a change builds on
 * @param kind     empty until it is opened
 * @param address  may be several lines
 * @param currency code of three letters
 */
public record ShopFace(int version, Optional<Kind> kind, String name, String address, String telephone, String taxNumber, String terms,
        String currency) {

    /** The two are never mixed: a demo stays one. */
    public enum Kind {
        DEMO,
        OWN
    }

    public boolean isDemo() {
        return kind.equals(Optional.of(Kind.DEMO));
    }
}
