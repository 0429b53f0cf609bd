package hingeyard.core.bay;

import java.util.List;

/**
 * A pack looking for its place.
 *
 * @param carriers  tubes that may carry it, in the order preferred among equals
 * @param obstacles what it must clear
 * @param toTube    clearance to every obstacle, mm
 * @param toMoving  clearance to what moves above it, mm
 */
public record BayProblem(List<Carrier> carriers, List<Tube> obstacles, Pack pack, double toTube, double toMoving) {

    public BayProblem {
        carriers = List.copyOf(carriers);
        obstacles = List.copyOf(obstacles);
    }
}
