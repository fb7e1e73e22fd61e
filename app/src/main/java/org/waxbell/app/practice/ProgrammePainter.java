package org.waxbell.app.practice;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.waxbell.booking.Frame;
import org.waxbell.booking.Spot;
import org.waxbell.directive.Caption;
import org.waxbell.directive.ShowCard;
import org.waxbell.directive.ShowThing;
import org.waxbell.directive.Shown;
import org.waxbell.directive.Speak;
import org.waxbell.directive.StageDirective;
import org.waxbell.look.Look;
import org.waxbell.mixer.MixerPicture;
import org.waxbell.stage.Stage;

/** Draws the practice mixer's programme plainly, for its clips: plates, words, pictures and lines of chat. It is no second stage. */
final class ProgrammePainter {
    /** Of what is drawn, in pixels: both are multiples of 16, which the frames want. */
    static final int WIDTH = 768;

    static final int HEIGHT = 432;
    private static final int COLOUR = "#rrggbb".length();
    private static final Color CLEAR = new Color(0, 0, 0, 0);
    private static final Color WORKSHOP = new Color(0x2b2620);
    private static final Color CANDLELIGHT = new Color(0x8a6a3f);
    private static final Color FLAME = new Color(0xffd98a);
    private static final Color WORDS = new Color(0xf6ecd2);
    private static final Color SHADE = new Color(20, 16, 12, 170);
    /** Where lines of chat stand, beside what stages usually show. */
    private static final int LINES_LEFT = 10;

    private static final int LINES_TOP = 40;
    private static final long FLICKER_MS = 1_000;
    private static final int EASE_STEPS = 6;
    private final Function<String, Optional<BufferedImage>> pictures;

    /** @param pictures files of the shelf by their hash, as far as they can be drawn */
    ProgrammePainter(Function<String, Optional<BufferedImage>> pictures) {
        this.pictures = pictures;
    }

    /** What of a moment can be told by looking: two that are the same look the same. */
    static String look(Programme now) {
        StringBuilder look = new StringBuilder();
        look.append(now.mixer().number())
                .append('/')
                .append(now.at() / FLICKER_MS % 2)
                .append(now.lines());
        now.stages()
                .forEach(on -> on.parts()
                        .forEach(part ->
                                look.append(part.partRun()).append(Math.round(eased(part, now.at()) * EASE_STEPS))));
        return look.toString();
    }

    BufferedImage paint(Programme now) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D on = picture.createGraphics();
        on.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        on.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        MixerPicture mixer = now.mixer();
        AffineTransform whole = AffineTransform.getScaleInstance(
                (double) WIDTH / Math.max(1, mixer.width()), (double) HEIGHT / Math.max(1, mixer.height()));
        on.setTransform(whole);
        mixer.scene(mixer.current())
                .ifPresent(scene -> scene.items().stream()
                        .filter(MixerPicture.Item::shown)
                        .forEach(item -> mixer.source(item.source())
                                .ifPresent(source -> source(on, now, source, item.place()))));
        for (Programme.OnStage each : now.stages()) {
            on.setTransform(whole);
            on.translate(each.place().left(), each.place().top());
            on.scale(
                    (double) each.place().width() / each.stage().width(),
                    (double) each.place().height() / each.stage().height());
            each.parts().forEach(part -> part(on, each.stage(), part, now.at()));
        }
        on.setTransform(new AffineTransform());
        lines(on, now.lines());
        on.dispose();
        return picture;
    }

    private static void source(Graphics2D on, Programme now, MixerPicture.Source source, MixerPicture.Place place) {
        Rectangle at = new Rectangle(place.left(), place.top(), place.width(), place.height());
        switch (source.kind()) {
            case "camera" -> camera(on, at, source, now.at());
            case "picture" -> plate(on, at, source.name());
            case "text" -> words(on, at, source.text(), WORDS, Font.BOLD, 40);
            default -> {
                // A stage is drawn apart, and a sound is not seen.
            }
        }
    }

    /** A bench by candlelight; the flame moves a little, so that one sees that time goes on. */
    private static void camera(Graphics2D on, Rectangle at, MixerPicture.Source source, long now) {
        on.setPaint(new GradientPaint(at.x, at.y, WORKSHOP, at.x + at.width, at.y + at.height, CANDLELIGHT));
        on.fill(at);
        double lean = now / FLICKER_MS % 2 == 0 ? -4 : 4;
        on.setColor(WORDS);
        on.fillRect(at.x + at.width * 3 / 4, at.y + at.height / 2, 46, at.height / 3);
        on.setColor(FLAME);
        on.fill(new Ellipse2D.Double(at.x + at.width * 3 / 4.0 + 9 + lean, at.y + at.height / 2.0 - 66, 28, 62));
        words(on, new Rectangle(at.x + 24, at.y + 20, at.width / 2, 40), source.name(), WORDS, Font.PLAIN, 26);
    }

    private static void plate(Graphics2D on, Rectangle at, String name) {
        on.setColor(CANDLELIGHT);
        on.fillRoundRect(at.x, at.y, at.width, at.height, 24, 24);
        words(on, at, name, WORDS, Font.BOLD, 30);
    }

    /** How far it has come in, or not yet gone out, 0 to 1. */
    private static double eased(StageDirective part, long now) {
        long entry = part instanceof ShowCard card ? card.entryMs() : 300;
        long exit = part instanceof ShowCard card ? card.exitMs() : 300;
        double in = entry <= 0 ? 1 : (double) (now - part.meantFor()) / entry;
        double out = exit <= 0 ? 1 : (double) (part.over() - now) / exit;
        return Math.max(0, Math.min(1, Math.min(in, out)));
    }

    private void part(Graphics2D on, Stage stage, StageDirective part, long now) {
        AffineTransform before = on.getTransform();
        on.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) eased(part, now)));
        if (part instanceof ShowCard card) {
            spot(stage, card.spot()).ifPresent(at -> card(on, at, card));
        } else if (part instanceof ShowThing thing) {
            spot(stage, thing.place()).ifPresent(at -> thing(on, at, thing));
        } else if (part instanceof Speak speak) {
            speak.caption().ifPresent(caption -> spot(stage, caption.spot()).ifPresent(at -> caption(on, at, caption)));
        }
        on.setComposite(AlphaComposite.SrcOver);
        on.setTransform(before);
    }

    private static Optional<Rectangle> spot(Stage stage, String id) {
        return stage.spots().stream()
                .filter(each -> each.id().equals(id))
                .map(Spot::frame)
                .map(ProgrammePainter::area)
                .findFirst();
    }

    private static Rectangle area(Frame frame) {
        return new Rectangle(frame.x(), frame.y(), frame.width(), frame.height());
    }

    private void card(Graphics2D on, Rectangle at, ShowCard card) {
        Look look = card.look();
        on.setColor(colour(look.plate()));
        on.fillRoundRect(at.x, at.y, at.width, at.height, look.corner() * 2, look.corner() * 2);
        int left = at.x + 20;
        int side = at.height - 40;
        Optional<BufferedImage> picture = card.picture().isEmpty() ? Optional.empty() : pictures.apply(card.picture());
        if (!card.portrait().isEmpty()) {
            on.setColor(colour(look.seal()));
            on.fill(new Ellipse2D.Double(left, at.y + 20, side, side));
            left += side + 16;
        } else if (picture.isPresent()) {
            on.drawImage(picture.get(), left, at.y + 20, side, side, null);
            left += side + 16;
        }
        Rectangle title = new Rectangle(left, at.y + 8, at.x + at.width - left - 12, at.height * 3 / 5);
        words(on, title, card.title(), colour(look.ink()), Font.BOLD, look.titleSize());
        Rectangle line = new Rectangle(left, at.y + at.height * 3 / 5, title.width, at.height * 2 / 5 - 8);
        words(on, line, card.words(), colour(look.second()), Font.PLAIN, look.lineSize());
    }

    private void thing(Graphics2D on, Rectangle at, ShowThing thing) {
        if (thing.shown() instanceof Shown.Names names) {
            on.setColor(colour(names.plate()));
            on.fillRoundRect(at.x, at.y, at.width, at.height, 24, 24);
            String all = names.heading() + ": " + String.join(", ", names.names());
            words(on, at, all, colour(names.colour()), Font.BOLD, 28);
        } else if (thing.shown() instanceof Shown.Picture) {
            pictures.apply(thing.media())
                    .ifPresent(picture -> on.drawImage(picture, at.x, at.y, at.width, at.height, null));
        } else if (thing.shown() instanceof Shown.Video) {
            on.setColor(WORKSHOP);
            on.fillRect(at.x, at.y, at.width, at.height);
            words(on, at, "a video plays", WORDS, Font.PLAIN, 26);
        }
    }

    private static void caption(Graphics2D on, Rectangle at, Caption caption) {
        on.setColor(colour(caption.look().plate()));
        on.fillRoundRect(at.x, at.y, at.width, at.height, 24, 24);
        String said = String.join(
                " ", caption.words().stream().map(Caption.Word::text).toList());
        words(
                on,
                at,
                said,
                colour(caption.look().ink()),
                Font.PLAIN,
                caption.look().lineSize());
    }

    private static void lines(Graphics2D on, List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        int high = 18 * lines.size() + 10;
        on.setColor(SHADE);
        on.fillRoundRect(LINES_LEFT, LINES_TOP, 300, high, 10, 10);
        for (int i = 0; i < lines.size(); i++) {
            words(
                    on,
                    new Rectangle(LINES_LEFT + 8, LINES_TOP + 5 + 18 * i, 284, 18),
                    lines.get(i),
                    WORDS,
                    Font.PLAIN,
                    13);
        }
    }

    /** A colour as documents write it; what it lets through is not drawn here, and none is seen through. */
    private static Color colour(String written) {
        return written.length() < COLOUR ? CLEAR : Color.decode(written.substring(0, COLOUR));
    }

    /** Writes one line into an area, cut off where it does not fit. */
    private static void words(Graphics2D on, Rectangle at, String text, Color ink, int style, int size) {
        on.setColor(ink);
        on.setFont(new Font(Font.SANS_SERIF, style, size));
        FontMetrics metrics = on.getFontMetrics();
        String fits = text;
        while (!fits.isEmpty() && metrics.stringWidth(fits.length() < text.length() ? fits + "…" : fits) > at.width) {
            fits = fits.substring(0, fits.offsetByCodePoints(fits.length(), -1));
        }
        String shown = fits.length() < text.length() ? fits + "…" : text;
        on.drawString(shown, at.x, at.y + (at.height - metrics.getHeight()) / 2 + metrics.getAscent());
    }
}
