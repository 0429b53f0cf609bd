package hingeyard.core.bike;

import java.util.EnumMap;
import java.util.Map;

/**
 * The usual dimensions of a kind, in millimetres and degrees: what the pencil draws before anything is measured.
 *
 * @param rearBead,frontBead bead-seat diameters
 * @param rearTyre,frontTyre tyre widths
 * @param chainstay          bracket to rear axle
 * @param bracketHeight      ground to bracket
 * @param seatTube,seatAngle length and angle from the ground line
 * @param stack,reach        head tube's top, above and forward of the bracket
 * @param headTube,headAngle length and angle from the ground line
 * @param rake               fork offset
 * @param saddle             saddle's top above the bracket, along the seat tube
 * @param wheelbase          axle to axle; 0 where it follows from head angle and rake
 * @param barRise,barSweep   bars above the head tube, and how far the grips come back
 */
record KindDefaults(double rearBead, double frontBead, double rearTyre, double frontTyre, double chainstay,
        double bracketHeight, double seatTube, double seatAngle, double stack, double reach, double headTube,
        double headAngle, double rake, double wheelbase, double saddle, double barRise, double barSweep) {

    private static final Map<BikeKind, KindDefaults> BY_KIND = new EnumMap<>(Map.ofEntries(
            Map.entry(BikeKind.DIAMOND, new KindDefaults(622, 622, 40, 40, 445, 285, 520, 73, 590, 390, 150, 71, 47, 0, 690, 60, 90)),
            Map.entry(BikeKind.STEP_THROUGH,
                    new KindDefaults(622, 622, 42, 42, 460, 285, 480, 70, 620, 360, 170, 70, 50, 0, 640, 150, 190)),
            Map.entry(BikeKind.FULL_SUSPENSION,
                    new KindDefaults(584, 584, 60, 60, 440, 335, 430, 74, 620, 450, 110, 65.5, 44, 0, 640, 40, 20)),
            Map.entry(BikeKind.FAT_TYRE, new KindDefaults(559, 559, 100, 100, 460, 310, 440, 73, 600, 410, 120, 69, 51, 0, 620, 50, 30)),
            Map.entry(BikeKind.FOLDING, new KindDefaults(349, 349, 37, 37, 390, 275, 190, 72, 330, 430, 110, 73, 25, 0, 690, 330, 25)),
            Map.entry(BikeKind.LONG_TAIL, new KindDefaults(406, 559, 55, 55, 880, 290, 430, 72, 600, 420, 150, 70, 45, 0, 640, 110, 120)),
            Map.entry(BikeKind.BOX_CARGO,
                    new KindDefaults(559, 406, 50, 50, 460, 290, 470, 70, 560, 390, 160, 71, 40, 1980, 640, 180, 170)),
            Map.entry(BikeKind.DELTA_TRIKE, new KindDefaults(507, 507, 47, 47, 590, 290, 400, 69, 560, 340, 170, 70, 45, 0, 600, 210, 240)),
            Map.entry(BikeKind.RECUMBENT_TRIKE,
                    new KindDefaults(559, 406, 40, 40, 1450, 400, 300, 73, -40, -420, 110, 80, 0, 1050, 300, 0, 0)),
            Map.entry(BikeKind.STAND_UP_TRIKE,
                    new KindDefaults(305, 305, 47, 47, 430, 215, 470, 81, 250, 500, 130, 78, 0, 1010, 520, 640, 60)),
            Map.entry(BikeKind.BARE_FRAME, new KindDefaults(622, 622, 40, 40, 440, 285, 520, 73, 590, 390, 150, 71, 47, 0, 690, 60, 90))));

    static KindDefaults of(BikeKind kind) {
        return BY_KIND.get(kind);
    }
}
