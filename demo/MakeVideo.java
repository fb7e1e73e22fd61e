import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/**
 * Draws the demo's video, a taper that is dipped: {@code java demo/MakeVideo.java}, from the project's root. The frames are made
 * of nothing but shapes; FFmpeg, which is needed for this alone, packs them as WebM with a hum that rises as the taper does.
 */
public final class MakeVideo {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 270;
    private static final int RATE = 20;
    private static final int FRAMES = 80;

    public static void main(String[] args) throws IOException, InterruptedException {
        System.setProperty("java.awt.headless", "true");
        Path folder = Files.createTempDirectory("dip");
        for (int i = 0; i < FRAMES; i++) {
            ImageIO.write(frame(i / (double) FRAMES), "png", new File(folder.toFile(), String.format("%03d.png", i)));
        }
        new ProcessBuilder("ffmpeg", "-y", "-loglevel", "error", "-framerate", Integer.toString(RATE), "-i", folder + "/%03d.png", "-f", "lavfi", "-i",
                "aevalsrc=0.12*sin(2*PI*(180+60*sin(1.57*t))*t)*min(1\\,t)*min(1\\,4-t):d=4:s=24000", "-c:v", "libvpx", "-b:v", "350k", "-c:a", "libopus", "-b:a", "32k", "-shortest",
                "demo/media/Videos/dip.webm").inheritIO().start().waitFor();
    }

    private static BufferedImage frame(double at) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setPaint(new GradientPaint(0, 0, new Color(0x4f3624), 0, HEIGHT, new Color(0x241b19)));
        g.fillRect(0, 0, WIDTH, HEIGHT);
        double depth = Math.sin(Math.PI * Math.min(1, at * 1.25));
        for (int i = 0; i < 3; i++) {
            double x = 190 + i * 50;
            double y = 6 + 78 * depth;
            g.setPaint(new Color(0x3d2a1d));
            g.fill(new RoundRectangle2D.Double(x - 1, 0, 3, y + 10, 2, 2));
            g.setPaint(new GradientPaint((float) x - 12, 0, new Color(0xfff1cf), (float) x + 12, 0, new Color(0xc79f5c)));
            double thick = 14 + 8 * at;
            g.fill(new RoundRectangle2D.Double(x - thick / 2, y, thick, 118, 12, 12));
        }
        g.setPaint(new Color(0x8d6440));
        g.fill(new RoundRectangle2D.Double(150, Math.max(0, 78 * depth - 8), 180, 10, 8, 8));
        g.setPaint(new GradientPaint(0, 170, new Color(0xf2c56b), 0, 262, new Color(0x8a5a2c)));
        g.fill(new RoundRectangle2D.Double(120, 182 + 2 * Math.sin(at * 40), 240, 84, 18, 18));
        g.setPaint(new Color(0x4b4a4c));
        g.fill(new RoundRectangle2D.Double(112, 206, 256, 70, 22, 22));
        g.dispose();
        return image;
    }
}
