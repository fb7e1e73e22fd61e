package org.waxbell.app.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** What may lie on the shelf is decided by content; what does not draw is left out of drawings, what is a program out of moving pictures. */
class IntakeTest {
    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] image(String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4, 4, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    private static String plain(String svg) {
        return new String(PlainSvg.of(text(svg)).content(), StandardCharsets.UTF_8);
    }

    private static void refused(String folder, byte[] content, String why) {
        assertThatThrownBy(() -> Intake.of(folder, content))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }

    @Test
    void picturesAreKnownByTheirContent() throws IOException {
        for (String format : List.of("png", "jpg", "gif")) {
            Intake.Taken taken = Intake.of("Pictures", image(format));
            assertThat(taken.ending()).isEqualTo(format);
            assertThat(taken.content()).isEqualTo(image(format));
        }
        assertThat(Intake.of("Pictures", text("<svg xmlns=\"http://www.w3.org/2000/svg\"/>"))
                        .type())
                .isEqualTo("image/svg+xml");
        refused("Pictures", Files.readAllBytes(Path.of("../demo/media/Videos/dip.webm")), "a picture is PNG");
        refused("Pictures", text("just words"), "it is no drawing");
        refused("Pictures", new byte[0], "it is empty");
        refused("Pictures", new byte[Intake.MOST_PICTURE + 1], "at most 6 MB");
        refused("Sounds", image("png"), "and a sound is WAV");
    }

    @Test
    void aFileGoesWhereItsContentBelongsWhateverItIsCalled() throws IOException {
        assertThat(Intake.folder(image("png"), "Chimes")).isEqualTo("Pictures");
        assertThat(Intake.folder(text("\n <svg xmlns=\"http://www.w3.org/2000/svg\"/>"), "Chimes"))
                .isEqualTo("Pictures");
        assertThat(Intake.folder(Files.readAllBytes(Path.of("../demo/media/Videos/dip.webm")), "Chimes"))
                .isEqualTo("Videos");
        assertThat(Intake.folder(Files.readAllBytes(Path.of("../demo/media/Figures/moth.json")), "Chimes"))
                .isEqualTo("Figures");
        assertThat(Intake.folder(Files.readAllBytes(Path.of("../demo/media/Bench/bell.wav")), "Chimes"))
                .isEqualTo("Chimes");
        assertThat(Intake.folder(text("just words"), "Chimes")).isEqualTo("Chimes");
    }

    /** The head of a PNG of that size with nothing in it. */
    private static byte[] vast(int width, int height) throws IOException {
        byte[] small = image("png");
        ByteBuffer.wrap(small).putInt(16, width).putInt(20, height);
        CRC32 sum = new CRC32();
        sum.update(small, 12, 17);
        ByteBuffer.wrap(small).putInt(29, (int) sum.getValue());
        return small;
    }

    @Test
    void picturesThatAreCutOffOrVastAreRefused() throws IOException {
        BufferedImage noisy = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 64 * 64; i++) {
            noisy.setRGB(i % 64, i / 64, i * 7_919);
        }
        for (String format : List.of("png", "jpg", "gif")) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(noisy, format, out);
            assertThat(Intake.of("Pictures", out.toByteArray()).ending()).isEqualTo(format);
            refused("Pictures", Arrays.copyOf(out.toByteArray(), out.size() / 2), "damaged or cut off");
        }
        refused("Pictures", vast(20_000, 20_000), "20000 by 20000 pixels");
        refused("Pictures", vast(8_000, 8_000), "24 million");
    }

    @Test
    void drawingsThatMultiplyThemselvesAreRefused() {
        StringBuilder nested = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\"><g id=\"a0\"><path/></g>");
        StringBuilder masked =
                new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\"><mask id=\"m0\"><path/></mask>");
        for (int i = 1; i <= 8; i++) {
            nested.append("<g id=\"a").append(i).append("\">");
            nested.append(("<use href=\"#a" + (i - 1) + "\"/>").repeat(10)).append("</g>");
            masked.append("<mask id=\"m").append(i).append("\">");
            masked.append(("<rect mask=\"url(#m" + (i - 1) + ")\"/>").repeat(10))
                    .append("</mask>");
        }
        refused("Pictures", text(nested + "</svg>"), "draws more than 10000");
        refused("Pictures", text(masked + "</svg>"), "draws more than 10000");
        refused(
                "Pictures",
                text("<svg xmlns=\"http://www.w3.org/2000/svg\"><g id=\"a\"><use href=\"#a\"/></g></svg>"),
                "refers to itself");
        assertThat(plain("<svg xmlns=\"http://www.w3.org/2000/svg\"><g id=\"a\"><path/></g>"
                        + "<use href=\"#a\"/>".repeat(9) + "</svg>"))
                .contains("<use href=\"#a\"");
    }

    @Test
    void whatIsTakenOutOfADrawingIsSaid() {
        assertThat(Intake.of(
                                "Pictures",
                                text(
                                        "<svg xmlns=\"http://www.w3.org/2000/svg\"><script>x()</script><path onclick=\"x()\"/></svg>"))
                        .without())
                .isEqualTo("onclick and script");
        assertThat(Intake.of("Pictures", text("<svg xmlns=\"http://www.w3.org/2000/svg\"><path/></svg>"))
                        .without())
                .isEmpty();
    }

    @Test
    void drawingsKeepWhatDrawsAsItWas() {
        String drawing =
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 9 9\"><defs><radialGradient id=\"a\" gradientUnits=\"userSpaceOnUse\"><stop offset=\"1\" stop-color=\"#c8841a\"></stop></radialGradient></defs>"
                        + "<g transform=\"rotate(3)\"><path d=\"M0 0h9\" fill=\"url(#a)\" style=\"opacity:.5\"></path><text x=\"1\">Tall &amp; thin</text></g></svg>";
        assertThat(plain(drawing))
                .contains(
                        "viewBox=\"0 0 9 9\"",
                        "radialGradient",
                        "gradientUnits",
                        "url(#a)",
                        "opacity:.5",
                        "rotate(3)",
                        "Tall &amp; thin");
    }

    @Test
    void drawingsLoseWhatCouldRunOrReachOut() {
        for (String bad : List.of(
                "<script>x()</script>",
                "<SCRIPT>x()</SCRIPT>",
                "<foreignObject><b>x()</b></foreignObject>",
                "<image href=\"http://x()/\"/>",
                "<a xlink:href=\"javascript:x()\"><path/></a>",
                "<path onclick=\"x()\"/>",
                "<path ONLOAD=\"x()\"/>",
                "<use href=\"http://elsewhere/x()\"/>",
                "<use xlink:href=\"data:x()\"/>",
                "<rect style=\"fill:url(http://x())\"/>",
                "<style>@import 'x()'</style>",
                "<set attributeName=\"href\" to=\"x()\"/>",
                "<animate attributeName=\"xlink:href\" values=\"javascript:x()\"/>",
                "<iframe src=\"x()\"/>",
                "<handler>x()</handler>",
                "<rect style=\"background:image-set('http://x()' 1x)\"/>",
                "<rect style=\"background:image('http://x()')\"/>",
                "<rect fill=\"u\\\\72l(http://x())\"/>",
                "<rect style=\"@import 'http://x()'\"/>",
                "<rect fill=\"url( 'http://x()' )\"/>")) {
            assertThat(plain("<svg xmlns=\"http://www.w3.org/2000/svg\">" + bad + "<circle r=\"2\"/></svg>"))
                    .as(bad)
                    .doesNotContain("x()")
                    .contains("<circle r=\"2\"");
        }
    }

    @Test
    void movingPicturesBringNoProgramAndNoPictures() throws IOException {
        byte[] moth = Files.readAllBytes(Path.of("../demo/media/Figures/moth.json"));
        assertThat(Intake.of("Figures", moth).type()).isEqualTo("application/json");
        String start = "{\"layers\":[%s],\"fr\":30,\"ip\":0,\"op\":60,\"w\":100,\"h\":100,\"assets\":[%s]}";
        refused(
                "Figures",
                text(String.format(start, "{\"ks\":{\"p\":{\"a\":1,\"k\":[],\"x\":\"var $bm_rt\"}}}", "")),
                "expressions");
        refused(
                "Figures",
                text(String.format(start, "", "{\"id\":\"i\",\"p\":\"http://elsewhere/x.png\"}")),
                "a picture of its own");
        refused("Figures", text(String.format(start, "[".repeat(150) + "]".repeat(150), "")), "too deeply");
        refused("Figures", text(String.format(start, "{},".repeat(400) + "{}", "")), "400 layers");
        refused("Figures", text("{\"layers\":[]}"), "no moving picture");
        String sized = "{\"layers\":[],\"fr\":%s,\"ip\":0,\"op\":%s,\"w\":100,\"h\":%s}";
        refused("Figures", text(String.format(sized, "30", "60", "\"tall\"")), "no moving picture");
        refused("Figures", text(String.format(sized, "0", "60", "100")), "frames a second");
        refused("Figures", text(String.format(sized, "30", "1e12", "100")), "lasts longer");
        refused("Figures", text(String.format(sized, "30", "60", "1e9")), "pixels wide and high");
        refused("Figures", text("not json"), "no JSON");
    }

    @Test
    void theLengthOfAVideoIsReadFromItsHeader() throws IOException {
        byte[] dip = Files.readAllBytes(Path.of("../demo/media/Videos/dip.webm"));
        assertThat(WebmLength.of(dip)).isBetween(3_950L, 4_050L);
        assertThat(WebmLength.of(text("nothing of the kind, and more than twelve bytes")))
                .isZero();
        ByteBuffer header = ByteBuffer.allocate(64);
        header.put(new byte[] {
                    0x2A, (byte) 0xD7, (byte) 0xB1, (byte) 0x83, 0x07, (byte) 0xA1, 0x20, 0x44, (byte) 0x89, (byte) 0x84
                })
                .putFloat(2_500f);
        assertThat(WebmLength.of(header.array()))
                .as("500,000 ns a unit, four bytes")
                .isEqualTo(1_250);
        header.putFloat(10, Float.NaN);
        assertThat(WebmLength.of(header.array())).isZero();
    }
}
