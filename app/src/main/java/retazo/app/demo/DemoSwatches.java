package retazo.app.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.patterns.PatternVersion;
import retazo.app.swatches.Laid;
import retazo.app.swatches.Swatches;
import retazo.core.measure.Length;

/** Photographs of the demo shop's cloth, as a designer would take them: a little askew, with a ruler; painted here. */
@Component
@Order(1)
class DemoSwatches implements DemoUnderWay {

    private static final int DOTS = 90;
    private static final int WIDTH = 9;
    private static final int HEIGHT = 7;
    private static final double RULER_LEFT = 2;
    private static final double RULER_LONG = 4;
    private static final double RULER_TOP = 5.6;
    /** Seeds that are near each other begin alike. */
    private static final long APART = 0x9E3779B97F4A7C15L;
    private static final Color PAPER = new Color(0xf4f1e8);
    private static final Color INK = new Color(0x1d2740);

    /** Paints one motif around a point, in inches of cloth. */
    private interface Motif {
        void paint(Graphics2D pen, Random chance);
    }

    /** A print: its repeat in inches, and each motif with its places in it. */
    private record Print(String code, int width, int height, List<Point2D> places, Motif motif) {
    }

    private static final List<Print> PRINTS = List.of(
            new Print("HERON", 3, 3, scattered(3, 3, 9), DemoSwatches::feather),
            new Print("LAMP", 2, 2, brick(2, 2), DemoSwatches::lamp),
            new Print("RUST", 4, 3, scattered(4, 3, 14), DemoSwatches::flake),
            new Print("GULL", 4, 2, brick(4, 2), DemoSwatches::gull),
            new Print("REED", 3, 4, brick(3, 4), DemoSwatches::reeds),
            new Print("MUD", 4, 2, brick(4, 2), DemoSwatches::ripple),
            new Print("COOT", 3, 2, brick(3, 2), DemoSwatches::ripple),
            new Print("TEAL", 2, 2, brick(2, 2), DemoSwatches::wing),
            new Print("SLEET", 2, 2, scattered(2, 2, 16), DemoSwatches::sleet),
            new Print("WEED", 3, 3, scattered(3, 3, 22), DemoSwatches::leaf),
            new Print("FOG", 4, 2, brick(4, 2), DemoSwatches::bank),
            new Print("SEDGE", 2, 2, List.of(), DemoSwatches::leaf),
            new Print("SLUICE", 2, 2, List.of(), DemoSwatches::leaf));

    private final FabricService fabrics;
    private final Swatches swatches;

    DemoSwatches(FabricService fabrics, Swatches swatches) {
        this.fabrics = fabrics;
        this.swatches = swatches;
    }

    @Override
    public void fill(PatternVersion pattern, DemoRuns.Crew crew) {
        for (Print print : PRINTS) {
            Fabric fabric = fabrics.byCode(print.code()).orElseThrow();
            AffineTransform askew = askew(print.code());
            DemoStock.done(swatches.put(fabric.id(), file(photo(print, fabric, askew)), crew.designer()));
            DemoStock.done(swatches.lay(fabric.id(), laid(print, askew), 0));
        }
    }

    /** From inches of the cloth to dots of the photograph. */
    private static AffineTransform askew(String code) {
        AffineTransform askew = AffineTransform.getRotateInstance(
                Math.toRadians(new Random(code.hashCode()).nextInt(11) - 5), WIDTH * DOTS / 2.0, HEIGHT * DOTS / 2.0);
        askew.scale(DOTS, DOTS);
        return askew;
    }

    private static Laid laid(Print print, AffineTransform askew) {
        Point2D from = askew.transform(new Point2D.Double(RULER_LEFT, RULER_TOP), null);
        Point2D to = askew.transform(new Point2D.Double(RULER_LEFT + RULER_LONG, RULER_TOP), null);
        Point2D corner = askew.transform(new Point2D.Double(print.width() > 3 ? 2 : print.width(), 1), null);
        return new Laid(
                (int) Math.round(from.getX()), (int) Math.round(from.getY()), (int) Math.round(to.getX()), (int) Math.round(to.getY()),
                Length.ofInches((int) RULER_LONG), Laid.Lies.ACROSS, (int) Math.round(corner.getX()), (int) Math.round(corner.getY()),
                Length.ofInches(print.width()), Length.ofInches(print.height()), null, null);
    }

    private static BufferedImage photo(Print print, Fabric fabric, AffineTransform askew) {
        BufferedImage photo = new BufferedImage(WIDTH * DOTS, HEIGHT * DOTS, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = pen(photo);
        pen.transform(askew);
        pen.setPaint(new TexturePaint(repeat(print, fabric), new Rectangle2D.Double(0, 0, print.width(), print.height())));
        pen.fill(new Rectangle2D.Double(-WIDTH, -HEIGHT, 3 * WIDTH, 3 * HEIGHT));
        ruler(pen);
        pen.dispose();
        return photo;
    }

    /** One repeat: each motif again at all sides, so that what reaches over an edge comes in at the other. */
    private static BufferedImage repeat(Print print, Fabric fabric) {
        BufferedImage cloth = new BufferedImage(print.width() * DOTS, print.height() * DOTS, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = pen(cloth);
        pen.setColor(color(fabric.groundColour().rgb()));
        pen.fillRect(0, 0, cloth.getWidth(), cloth.getHeight());
        pen.scale(DOTS, DOTS);
        pen.setColor(color(fabric.printColour().rgb()));
        for (int i = 0; i < print.places().size(); i++) {
            Point2D place = print.places().get(i);
            for (int across = -1; across <= 1; across++) {
                for (int down = -1; down <= 1; down++) {
                    Graphics2D one = (Graphics2D) pen.create();
                    one.translate(place.getX() + across * print.width(), place.getY() + down * print.height());
                    print.motif().paint(one, new Random((i + 1) * APART));
                    one.dispose();
                }
            }
        }
        pen.dispose();
        weave(cloth, new Random(print.code().hashCode()));
        return cloth;
    }

    /** Threads over and under, each a little lighter or darker than the next. */
    private static void weave(BufferedImage cloth, Random chance) {
        for (int y = 0; y < cloth.getHeight(); y++) {
            for (int x = 0; x < cloth.getWidth(); x++) {
                int lift = ((x / 2 + y / 2) % 2 == 0 ? 5 : -5) + chance.nextInt(9) - 4;
                int dot = cloth.getRGB(x, y);
                cloth.setRGB(x, y, lifted(dot >> 16, lift) << 16 | lifted(dot >> 8, lift) << 8 | lifted(dot, lift));
            }
        }
    }

    private static int lifted(int channel, int by) {
        return Math.max(0, Math.min(255, (channel & 0xff) + by));
    }

    private static void ruler(Graphics2D pen) {
        pen.setColor(PAPER);
        pen.fill(new Rectangle2D.Double(RULER_LEFT - 0.5, RULER_TOP, RULER_LONG + 1, 0.9));
        pen.setColor(INK);
        pen.setStroke(new BasicStroke(0.02f));
        for (int eighth = 0; eighth <= RULER_LONG * 8; eighth++) {
            double x = RULER_LEFT + eighth / 8.0;
            pen.draw(new Line2D.Double(x, RULER_TOP, x, RULER_TOP + (eighth % 8 == 0 ? 0.45 : eighth % 4 == 0 ? 0.3 : 0.16)));
        }
    }

    private static Graphics2D pen(BufferedImage image) {
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        return pen;
    }

    private static Color color(int rgb) {
        return new Color(rgb);
    }

    private static byte[] file(BufferedImage photo) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(photo, "jpeg", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** Every second row is shifted by half. */
    private static List<Point2D> brick(int width, int height) {
        return List.of(new Point2D.Double(width * 0.25, height * 0.3), new Point2D.Double(width * 0.75, height * 0.8));
    }

    /** On a grid, each moved a little by chance. */
    private static List<Point2D> scattered(int width, int height, int count) {
        Random chance = new Random(width * 100L + count);
        int columns = (int) Math.ceil(Math.sqrt((double) count * width / height));
        int rows = (int) Math.ceil((double) count / columns);
        return java.util.stream.IntStream.range(0, columns * rows).mapToObj(i -> (Point2D) new Point2D.Double(
                (i % columns + 0.5 + (chance.nextDouble() - 0.5) * 0.5) * width / columns,
                (i / columns + 0.5 + (chance.nextDouble() - 0.5) * 0.5) * height / rows)).toList();
    }

    private static void feather(Graphics2D pen, Random chance) {
        pen.rotate(chance.nextDouble() * Math.PI * 2);
        Path2D vane = new Path2D.Double();
        vane.moveTo(-0.42, 0);
        vane.quadTo(0, -0.24, 0.42, 0);
        vane.quadTo(0, 0.16, -0.42, 0);
        pen.fill(vane);
        pen.setStroke(new BasicStroke(0.03f));
        pen.draw(new Line2D.Double(-0.6, 0.02, 0.3, 0));
    }

    private static void lamp(Graphics2D pen, Random chance) {
        pen.setStroke(new BasicStroke(0.07f));
        pen.draw(new Ellipse2D.Double(-0.36, -0.36, 0.72, 0.72));
        pen.fill(new Ellipse2D.Double(-0.16, -0.16, 0.32, 0.32));
    }

    private static void flake(Graphics2D pen, Random chance) {
        Path2D flake = new Path2D.Double();
        int corners = 5 + chance.nextInt(3);
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double reach = 0.14 + chance.nextDouble() * 0.24;
            if (i == 0) {
                flake.moveTo(reach * Math.cos(angle), reach * Math.sin(angle));
            } else {
                flake.lineTo(reach * Math.cos(angle), reach * Math.sin(angle));
            }
        }
        flake.closePath();
        pen.fill(flake);
    }

    private static void gull(Graphics2D pen, Random chance) {
        pen.setStroke(new BasicStroke(0.09f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        Path2D wings = new Path2D.Double();
        wings.moveTo(-0.8, 0.05);
        wings.quadTo(-0.45, -0.4, 0, 0.1);
        wings.quadTo(0.45, -0.4, 0.8, 0.05);
        pen.draw(wings);
    }

    private static void reeds(Graphics2D pen, Random chance) {
        pen.setStroke(new BasicStroke(0.06f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (int stalk = -2; stalk <= 2; stalk++) {
            double top = -1.3 + chance.nextDouble() * 0.6;
            Path2D path = new Path2D.Double();
            path.moveTo(stalk * 0.26, 1.2);
            path.quadTo(stalk * 0.3, 0, stalk * 0.34 + 0.1, top);
            pen.draw(path);
            pen.fill(new Ellipse2D.Double(stalk * 0.34 + 0.02, top - 0.25, 0.17, 0.5));
        }
    }

    private static void ripple(Graphics2D pen, Random chance) {
        pen.setStroke(new BasicStroke(0.08f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (int line = -1; line <= 1; line++) {
            Path2D wave = new Path2D.Double();
            wave.moveTo(-0.75, line * 0.26);
            wave.curveTo(-0.4, line * 0.26 - 0.3, -0.1, line * 0.26 + 0.3, 0.75, line * 0.26 - 0.05);
            pen.draw(wave);
        }
    }

    private static void wing(Graphics2D pen, Random chance) {
        Path2D wing = new Path2D.Double();
        wing.moveTo(-0.45, 0.4);
        wing.quadTo(-0.3, -0.45, 0.4, -0.42);
        wing.quadTo(0.05, -0.1, 0.1, 0.4);
        wing.closePath();
        pen.fill(wing);
    }

    private static void sleet(Graphics2D pen, Random chance) {
        pen.setStroke(new BasicStroke(0.05f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        double reach = 0.1 + chance.nextDouble() * 0.14;
        pen.draw(new Line2D.Double(-reach * 0.5, -reach, reach * 0.5, reach));
    }

    private static void leaf(Graphics2D pen, Random chance) {
        pen.rotate(chance.nextDouble() * Math.PI * 2);
        double size = 0.12 + chance.nextDouble() * 0.1;
        pen.fill(new Ellipse2D.Double(-size, -size * 0.7, 2 * size, 1.4 * size));
    }

    private static void bank(Graphics2D pen, Random chance) {
        pen.fill(new Ellipse2D.Double(-0.85, -0.1, 1.7, 0.22));
        pen.fill(new Ellipse2D.Double(-0.45, -0.28, 1.1, 0.2));
        pen.fill(new Ellipse2D.Double(-0.3, 0.16, 1.2, 0.16));
    }
}
