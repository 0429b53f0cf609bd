package hingeyard.app.shop;

import java.util.Map;

/** Says which stands hold a bike, for whoever takes one out of the shop. */
public interface StandsInUse {

    /** Numbers of the jobs that stand on one, by the stand's number: as it is now, whatever this transaction has read before. */
    Map<Integer, Long> inUse();
}
