package org.waxbell.app.tune;

import java.util.Locale;
import java.util.SplittableRandom;
import org.waxbell.catalogue.Tune;

/** The picture of a tune of the practice catalogue, drawn from its seed: a sun or moon over water, with reeds before it. */
public final class TunePicture {
    private static final String[] SKIES = {"#f2d9a6", "#dfae7c", "#c98f86", "#a9b7a4", "#8fa6a6", "#e8c98f"};
    private static final String[] WATERS = {"#2f5d58", "#3d5c7c", "#5b4636", "#44506b", "#6b7a2f", "#7a4a3a"};

    private TunePicture() {}

    /** An SVG of 120 by 120. */
    public static String of(Tune tune) {
        SplittableRandom seed = new SplittableRandom(31L * tune.id().hashCode());
        int shore = 62 + seed.nextInt(24);
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 120 120\">");
        svg.append(shape("rect", "width=\"120\" height=\"120\"", SKIES[seed.nextInt(SKIES.length)]));
        svg.append(shape(
                "circle",
                String.format(
                        Locale.ROOT,
                        "cx=\"%d\" cy=\"%d\" r=\"%d\"",
                        26 + seed.nextInt(68),
                        24 + seed.nextInt(shore - 34),
                        10 + seed.nextInt(12)),
                seed.nextBoolean() ? "#fffaf0" : "#b4623a"));
        svg.append(shape(
                "path",
                String.format(
                        Locale.ROOT,
                        "d=\"M0 %d Q30 %d 60 %d T120 %d V120 H0 Z\"",
                        shore,
                        shore - 8 + seed.nextInt(16),
                        shore,
                        shore),
                WATERS[seed.nextInt(WATERS.length)]));
        for (int i = 0; i < 5 + seed.nextInt(6); i++) {
            int x = seed.nextInt(120);
            int up = 40 + seed.nextInt(50);
            svg.append(String.format(
                    Locale.ROOT,
                    "<path d=\"M%d 122 Q%d %d %d %d\" stroke=\"#2a211a\" stroke-width=\"2\" fill=\"none\"/>",
                    x,
                    x - 4 + seed.nextInt(8),
                    120 - up / 2,
                    x - 7 + seed.nextInt(14),
                    120 - up));
        }
        return svg.append("</svg>").toString();
    }

    private static String shape(String name, String where, String fill) {
        return "<" + name + " " + where + " fill=\"" + fill + "\"/>";
    }
}
