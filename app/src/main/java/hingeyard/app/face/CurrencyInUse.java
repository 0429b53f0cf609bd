package hingeyard.app.face;

import java.util.Optional;

/** Whether money was handed over already: what is open is reckoned in one currency, and a closed document keeps its own. */
public interface CurrencyInUse {

    /** A document that was written, for a sentence; empty while none was. */
    Optional<String> document();
}
