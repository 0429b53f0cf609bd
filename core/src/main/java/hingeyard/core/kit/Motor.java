package hingeyard.core.kit;

import hingeyard.core.quantity.Torque;

/**
 * A motor's published figures.
 *
 * @param ratedWatts   continuous power at the shaft, W
 * @param peakWatts    peak power, W; not below rated
 * @param peakTorque   at the wheel's axle for a hub, at the chainring for a mid-drive
 * @param turnsPerVolt no-load turns per minute and volt: of the wheel for a hub, of the chainring for a mid-drive
 * @param throughGears whether its power passes the bike's gears
 * @param regenerates  whether it brakes into the battery
 * @param cutOffSpeed  speed above which it gives no power as set at the factory, km/h
 * @param walkSpeed    walk assist's speed, km/h; 0 without walk assist
 */
public record Motor(int ratedWatts, int peakWatts, Torque peakTorque, double turnsPerVolt, boolean throughGears, boolean regenerates,
        int cutOffSpeed, int walkSpeed) {

    public Motor {
        if (ratedWatts < 1 || peakWatts < ratedWatts) {
            throw new IllegalArgumentException(
                    "motor's rated " + ratedWatts + " W and peak " + peakWatts + " W: rated must be at least 1 and not above peak");
        }
        SheetFigure.POWER.ask("motor's peak of", peakWatts);
        SheetFigure.TURNS_PER_VOLT.ask("motor's", turnsPerVolt);
        SheetFigure.SPEED.ask("motor's cut-off at", cutOffSpeed);
        SheetFigure.WALK_SPEED.ask("walk assist of", walkSpeed);
    }
}
