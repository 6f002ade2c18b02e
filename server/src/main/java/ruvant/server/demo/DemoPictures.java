package ruvant.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/** Pictures for the demo, drawn here: a plate of metal on the bench cloth, with its screws where the demo pins them. */
final class DemoPictures {
    private static final int WIDTH = 1400;
    private static final int HEIGHT = 1000;
    private static final Color CLOTH = new Color(0xD9CFBC);
    private static final Color LEATHER = new Color(0x2D2B29);

    /** A place on a picture, in shares of its width and height. */
    record Spot(double x, double y) {}

    private DemoPictures() {}

    /** The front of a twin-lens camera with its plate on: two lenses one over the other, screws at the spots. */
    static byte[] twinFront(List<Spot> screws) {
        return drawn(canvas -> {
            body(canvas, 420, 60, 560, 880);
            metal(canvas, new RoundRectangle2D.Double(480, 120, 440, 760, 40, 40));
            lens(canvas, 700, 330, 150);
            lens(canvas, 700, 660, 170);
            screws.forEach(spot -> screw(canvas, spot));
        });
    }

    /** A twin-lens camera without its front plate: the board of the taking lens lies bare, its ring beside it. */
    static byte[] twinApart() {
        return drawn(canvas -> {
            body(canvas, 260, 60, 560, 880);
            metal(canvas, new RoundRectangle2D.Double(380, 470, 320, 320, 60, 60));
            lens(canvas, 540, 330, 150);
            lens(canvas, 540, 630, 90);
            metal(canvas, new RoundRectangle2D.Double(930, 560, 260, 260, 260, 260));
            canvas.setColor(CLOTH);
            canvas.fill(circle(1060, 690, 84));
        });
    }

    /** A speed ring on the cloth: a broad ring with lugs at its rim, turned as it was dropped there. */
    static byte[] ring(int turned) {
        return drawn(canvas -> {
            AffineTransform before = canvas.getTransform();
            canvas.rotate(0.4 + turned * 1.9, 700, 500);
            for (double[] lug : new double[][] {{640, 70}, {1050, 430}, {250, 620}}) {
                metal(canvas, new RoundRectangle2D.Double(lug[0], lug[1], 120, 120, 30, 30));
            }
            metal(canvas, new RoundRectangle2D.Double(320, 120, 760, 760, 760, 760));
            canvas.setColor(CLOTH);
            canvas.fill(circle(700, 500, 250));
            canvas.setColor(new Color(0x2D2B29));
            canvas.setStroke(new BasicStroke(6));
            for (int mark = 0; mark < 9; mark++) {
                double angle = mark * 0.3;
                canvas.drawLine(
                        (int) (700 + 330 * Math.cos(angle)),
                        (int) (500 + 330 * Math.sin(angle)),
                        (int) (700 + 364 * Math.cos(angle)),
                        (int) (500 + 364 * Math.sin(angle)));
            }
            canvas.setTransform(before);
        });
    }

    /** The front panel of a stereo camera: a lens at either side. */
    static byte[] stereoFront(List<Spot> screws) {
        return drawn(canvas -> {
            body(canvas, 90, 230, 1220, 540);
            metal(canvas, new RoundRectangle2D.Double(150, 290, 1100, 420, 60, 60));
            lens(canvas, 400, 500, 130);
            lens(canvas, 1000, 500, 130);
            screws.forEach(spot -> screw(canvas, spot));
        });
    }

    private interface Drawing {
        void on(Graphics2D canvas);
    }

    private static byte[] drawn(Drawing drawing) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D canvas = image.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        cloth(canvas);
        drawing.on(canvas);
        canvas.dispose();
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream(200_000);
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static void cloth(Graphics2D canvas) {
        canvas.setColor(CLOTH);
        canvas.fillRect(0, 0, WIDTH, HEIGHT);
        Random random = new Random(4);
        for (int i = 0; i < 9000; i++) {
            int shade = 200 + random.nextInt(30);
            canvas.setColor(new Color(shade, shade - 8, shade - 28, 90));
            canvas.fillRect(random.nextInt(WIDTH), random.nextInt(HEIGHT), 3, 1);
        }
    }

    private static void body(Graphics2D canvas, int x, int y, int width, int height) {
        canvas.setColor(new Color(0, 0, 0, 60));
        canvas.fill(new RoundRectangle2D.Double(x + 14, y + 18, width, height, 70, 70));
        canvas.setColor(LEATHER);
        canvas.fill(new RoundRectangle2D.Double(x, y, width, height, 70, 70));
    }

    private static void metal(Graphics2D canvas, RoundRectangle2D plate) {
        canvas.setPaint(new GradientPaint(
                (float) plate.getX(),
                (float) plate.getY(),
                new Color(0xC9C6BF),
                (float) plate.getMaxX(),
                (float) plate.getMaxY(),
                new Color(0x8D8A84)));
        canvas.fill(plate);
        canvas.setColor(new Color(0x5F5C57));
        canvas.setStroke(new BasicStroke(4));
        canvas.draw(plate);
    }

    private static void lens(Graphics2D canvas, int x, int y, int radius) {
        int[] rings = {radius, radius - 28, radius - 62};
        Color[] colours = {new Color(0x3A3835), new Color(0x1B1A19), new Color(0x2F3B52)};
        for (int i = 0; i < rings.length; i++) {
            canvas.setColor(colours[i]);
            canvas.fill(circle(x, y, rings[i]));
        }
        canvas.setColor(new Color(255, 255, 255, 50));
        canvas.fill(circle(x - radius / 4, y - radius / 4, radius / 5));
    }

    private static void screw(Graphics2D canvas, Spot spot) {
        double x = spot.x() * WIDTH;
        double y = spot.y() * HEIGHT;
        canvas.setColor(new Color(0xE8E4DA));
        canvas.fill(circle(x, y, 17));
        canvas.setColor(new Color(0x4A4741));
        canvas.setStroke(new BasicStroke(3));
        canvas.draw(circle(x, y, 17));
        AffineTransform before = canvas.getTransform();
        canvas.rotate(spot.x() * 9 + spot.y() * 5, x, y);
        canvas.setStroke(new BasicStroke(5));
        canvas.drawLine((int) x - 12, (int) y, (int) x + 12, (int) y);
        canvas.setTransform(before);
    }

    private static Ellipse2D circle(double x, double y, double radius) {
        return new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
    }
}
