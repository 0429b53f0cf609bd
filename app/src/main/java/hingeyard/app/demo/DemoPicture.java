package hingeyard.app.demo;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.Shape;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * A made-up snapshot: a bike of known geometry on the wharf, seen through a camera that stood somewhat off its axis. Stands in for what a
 * phone would take.
 */
public final class DemoPicture {

    private static final int WIDTH = 1600;
    private static final int HEIGHT = 1200;
    private static final int ROUND = 64;

    private final BikeDrawing drawing;
    private final double yaw;
    private final double distance;
    private final double focal;
    private final Point middle;

    /** @param yawDegrees how far off the axis the camera stood */
    public DemoPicture(BikeKind kind, FrameSurvey survey, double yawDegrees) {
        drawing = BikeGeometry.draw(kind, survey);
        yaw = Math.toRadians(yawDegrees);
        double width = drawing.right() - drawing.left();
        distance = 2.2 * width;
        focal = 0.86 * WIDTH * distance / width;
        middle = new Point((drawing.left() + drawing.right()) / 2, (drawing.bottom() + drawing.top()) / 2);
    }

    /** Where a point of the side plane, in millimetres from the bracket, lies in the picture. */
    public Point pixel(Point p) {
        double x = p.x() - middle.x();
        double y = p.y() - middle.y();
        double away = distance + x * Math.sin(yaw);
        return new Point(WIDTH / 2.0 + focal * x * Math.cos(yaw) / away, HEIGHT / 2.0 - focal * y / away);
    }

    /** The picture as PNG, or JPEG. */
    public byte[] bytes(String format, String paint) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        background(g);
        drawing.shapes().forEach(s -> draw(g, s, Color.decode(paint)));
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private void background(Graphics2D g) {
        int ground = (int) pixel(new Point(middle.x(), drawing.bottom())).y();
        g.setPaint(new GradientPaint(0, 0, new Color(0xC9CFC8), 0, ground, new Color(0xE2E5DE)));
        g.fillRect(0, 0, WIDTH, ground - 60);
        g.setColor(new Color(0xBDC4BB));
        for (int y = 60; y < ground - 60; y += 92) {
            g.fillRect(0, y, WIDTH, 3);
        }
        g.setPaint(new GradientPaint(0, ground - 60, new Color(0xA6A79C), 0, HEIGHT, new Color(0x8B8C82)));
        g.fillRect(0, ground - 60, WIDTH, HEIGHT - ground + 60);
    }

    private void draw(Graphics2D g, Shape shape, Color paint) {
        boolean painted = shape.part().equals("frame") || shape.part().equals("box");
        g.setColor(
                painted ? paint : shape.part().equals("spoke") || shape.part().equals("rim") ? new Color(0x8F9694) : new Color(0x232826));
        Path2D path = path(shape);
        if (shape.form() == Shape.Form.AREA || shape.form() == Shape.Form.CIRCLE && shape.width() == 0) {
            g.fill(path);
        } else {
            double scale = focal / distance;
            g.setStroke(new BasicStroke((float) (shape.width() * scale), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(path);
        }
    }

    private Path2D path(Shape shape) {
        List<Point> points = new ArrayList<>();
        if (shape.form() == Shape.Form.CIRCLE) {
            for (int i = 0; i < ROUND; i++) {
                points.add(shape.points().get(0).plus(Point.direction(i * 360.0 / ROUND).times(shape.radius())));
            }
        } else {
            points.addAll(shape.points());
        }
        Path2D path = new Path2D.Double();
        for (int i = 0; i < points.size(); i++) {
            Point at = pixel(points.get(i));
            if (i == 0) {
                path.moveTo(at.x(), at.y());
            } else {
                path.lineTo(at.x(), at.y());
            }
        }
        if (shape.form() != Shape.Form.LINE) {
            path.closePath();
        }
        return path;
    }
}
