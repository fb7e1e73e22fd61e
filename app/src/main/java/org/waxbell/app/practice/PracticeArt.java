package org.waxbell.app.practice;

import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.waxbell.app.film.KeyFrames;
import org.waxbell.app.film.OpusTrack;
import org.waxbell.app.film.Webm;

/** Draws the portraits, the art and the films of the practice channel's made-up broadcasters. */
final class PracticeArt {
    private static final int WIDTH = 320;
    private static final int HEIGHT = 176;
    private static final int FRAME_MS = 200;
    private static final Color PAPER = new Color(0xf6ecd2);
    private static final Color DUSK = new Color(0x2b2620);
    private static final int[] NOTES = {262, 330, 392, 523};

    private PracticeArt() {}

    /** How long a film is, 4 to 8 s. */
    static long filmMs(int mix) {
        return 4_000 + mix % 5 * 1_000L;
    }

    /** A face under a cap, a little different for each name. */
    static String portrait(String name, String colour) {
        int mix = Math.floorMod(name.hashCode(), 997);
        int brim = 30 + mix % 8;
        return "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'><rect width='100' height='100' fill='"
                + colour
                + "'/><circle cx='50' cy='112' r='46' fill='#fffaf0' opacity='.85'/><circle cx='50' cy='52' r='24' fill='#e9c9a0'/>"
                + "<path d='M" + (50 - brim) + " 42H" + (50 + brim) + "C" + (46 + brim) + " 14 " + (54 - brim) + " 14 "
                + (50 - brim) + " 42Z' fill='#2b2620'/><circle cx='" + (42 - mix % 3)
                + "' cy='53' r='2.6'/><circle cx='"
                + (58 + mix % 3) + "' cy='53' r='2.6'/><path d='M42 64q8 " + (4 + mix % 6)
                + " 16 0' fill='none' stroke='#2b2620' stroke-width='2.4' stroke-linecap='round'/></svg>";
    }

    /** The marsh in their colour, with what stands there. */
    static String scene(String name, String colour) {
        int mix = Math.floorMod(name.hashCode(), 991);
        StringBuilder reeds = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            int x = 14 + i * 34 + mix * (i + 3) % 21;
            reeds.append("<path d='M")
                    .append(x)
                    .append(" 180q")
                    .append(4 - i % 9)
                    .append(" -40 ")
                    .append(6 - i % 5)
                    .append(" -")
                    .append(52 + mix * (i + 1) % 38)
                    .append("' stroke='#2b2620' stroke-width='4' fill='none'/>");
        }
        return "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 320 180'><linearGradient id='a' x2='0' y2='1'><stop stop-color='"
                + colour
                + "'/><stop offset='1' stop-color='#f6ecd2'/></linearGradient><rect width='320' height='180' fill='url(#a)'/>"
                + "<circle cx='" + (60 + mix % 200) + "' cy='" + (46 + mix % 30)
                + "' r='24' fill='#fffaf0' opacity='.8'/>"
                + "<path d='M0 132q80 -22 160 0t160 0V180H0Z' fill='" + colour + "' opacity='.7'/>" + reeds + "</svg>";
    }

    /** A ball of wax that rolls across their marsh to four notes, with the title. */
    static byte[] film(String title, String name, String colour, long lengthMs) {
        KeyFrames frames = new KeyFrames(WIDTH, HEIGHT);
        List<Webm.Frame> all = new ArrayList<>();
        for (long at = 0; at < lengthMs; at += FRAME_MS) {
            all.add(new Webm.Frame(at, frames.of(picture(title, name, Color.decode(colour), (double) at / lengthMs))));
        }
        return Webm.of(title, WIDTH, HEIGHT, lengthMs, all, OpusTrack.of(tune(lengthMs), percent -> true));
    }

    private static BufferedImage picture(String title, String name, Color colour, double share) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D on = picture.createGraphics();
        on.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        on.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        on.setPaint(new GradientPaint(0, 0, colour, 0, HEIGHT, PAPER));
        on.fillRect(0, 0, WIDTH, HEIGHT);
        on.setColor(DUSK);
        on.fillRect(0, HEIGHT - 46, WIDTH, 46);
        double bounce = Math.abs(Math.sin(share * Math.PI * 5)) * 70;
        on.setColor(PAPER);
        on.fill(new Ellipse2D.Double(share * (WIDTH - 44), HEIGHT - 90 - bounce, 44, 44));
        on.setFont(new Font(Font.SERIF, Font.BOLD, 19));
        on.drawString(title, 16, 36);
        on.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 14));
        on.drawString(name, 16, HEIGHT - 18);
        on.dispose();
        return picture;
    }

    private static short[] tune(long lengthMs) {
        int frames = (int) (lengthMs * OpusTrack.RATE / 1_000);
        short[] samples = new short[frames * 2];
        int note = OpusTrack.RATE / 2;
        for (int i = 0; i < frames; i++) {
            double fades = 1 - (double) (i % note) / note;
            double wave = Math.sin(2 * Math.PI * NOTES[i / note % NOTES.length] * i / OpusTrack.RATE);
            samples[2 * i] = (short) (5_000 * fades * wave);
            samples[2 * i + 1] = samples[2 * i];
        }
        return samples;
    }
}
