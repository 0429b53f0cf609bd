package hingeyard.core.bike;

import hingeyard.core.bike.Shape.Ink;
import java.util.List;

/** The trikes whose frame has no triangle. */
final class TrikeShapes {

    private TrikeShapes() {
    }

    private static Ink ink(FramePoints at, Measure measure) {
        return at.survey().has(measure) ? Ink.MEASURED : Ink.PENCIL;
    }

    /** Two wheels and the cranks in front, a laid-back seat between them and the driven wheel. */
    static List<Shape> recumbent(FramePoints at) {
        Ink stay = ink(at, RearMeasures.CHAINSTAY);
        Ink base = ink(at, FrontMeasures.WHEELBASE);
        Point rear = at.rearAxle();
        Point front = at.frontAxle();
        Point keel = new Point(front.x() + 30, front.y() + 15);
        Point seatFoot = new Point(front.x() - 120, front.y() + 55);
        Point seatBend = new Point(front.x() - 300, front.y() + 20);
        Point seatHead = new Point(rear.x() + 250, rear.y() + 500);
        Point behindSeat = new Point(rear.x() + 380, front.y() + 60);
        return List.of(
                Shape.line("frame", stay, 48, Point.BRACKET, keel, seatBend.plus(new Point(0, -28)), behindSeat,
                        rear.plus(new Point(250, 60))),
                Shape.line("frame", stay, 24, rear.plus(new Point(250, 60)), rear),
                Shape.line("frame", stay, 22, behindSeat, seatHead.plus(new Point(20, -120)), rear),
                Shape.line("saddle", base, 34, seatFoot, seatBend, seatHead),
                Shape.line("saddle", base, 44, seatHead.plus(new Point(28, -20)), seatHead.plus(new Point(-12, 54))),
                Shape.line("stem", base, 26, keel.plus(new Point(-60, 0)), front.plus(new Point(-130, 250)),
                        front.plus(new Point(-60, 330))),
                Shape.line("grip", base, 36, front.plus(new Point(-75, 310)), front.plus(new Point(-35, 370))));
    }

    /** Deck between two front wheels and a rear wheel on an arm that folds under it; bars on a tall column. */
    static List<Shape> standUp(FramePoints at) {
        Ink arm = ink(at, RearMeasures.CHAINSTAY);
        Ink base = ink(at, FrontMeasures.WHEELBASE);
        Point front = at.frontAxle();
        double deck = at.ground() + 150;
        Point deckRear = new Point(30, deck + 30);
        Point deckFront = new Point(front.x() - 215, deck);
        Point neck = new Point(front.x() - 70, front.y() + 270);
        Point barTop = neck.plus(new Point(-150, 640));
        return List.of(
                Shape.line("frame", arm, 30, Point.BRACKET, at.rearAxle()),
                Shape.line("frame", arm, 20, new Point(70, 70), at.rearAxle().plus(new Point(30, 20))),
                Shape.circle("link", arm, Point.BRACKET, 24, 12),
                Shape.line("frame", base, 46, Point.BRACKET, deckRear, deckFront, neck),
                Shape.line("rack", base, 20, deckRear.plus(new Point(-10, 26)), deckFront.plus(new Point(30, 26))),
                Shape.line("frame", base, 40, neck.plus(new Point(8, -70)), neck.plus(new Point(-12, 60))),
                Shape.line("fork", base, 28, neck.plus(new Point(8, -70)), front),
                Shape.line("stem", base, 28, neck.plus(new Point(-12, 60)), barTop),
                Shape.line("grip", base, 36, barTop.plus(new Point(14, 4)), barTop.plus(new Point(-85, 16))),
                Shape.line("post", base, 22, new Point(40, 10), at.saddle().plus(new Point(40, -20))),
                Shape.line("saddle", base, 30, at.saddle().plus(new Point(-50, 0)), at.saddle().plus(new Point(120, -4))));
    }
}
