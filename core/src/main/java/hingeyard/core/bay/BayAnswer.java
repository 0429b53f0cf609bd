package hingeyard.core.bay;

import java.util.Optional;

/**
 * @param place     the best place
 * @param nearest   when there is none: the place with the greatest clearance; empty when no tube is as long as the pack
 * @param unreached when there is none for the hand's sake alone: the place that it would have if nobody had to reach key and port
 * @param covered   when nothing fits under what moves: how much too high it is, mm; 0 otherwise
 */
public record BayAnswer(Optional<BayPlace> place, Optional<BayPlace> nearest, Optional<BayPlace> unreached, double covered) {
}
