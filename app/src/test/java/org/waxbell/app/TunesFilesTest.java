package org.waxbell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.app.json.Refused;
import org.waxbell.app.tune.Playlists;
import org.waxbell.app.tune.TunePicture;
import org.waxbell.catalogue.PracticeTunes;
import org.waxbell.catalogue.Tune;

/** Playlists in open formats, with the encodings and faults that they come with. */
class TunesFilesTest {
    private static final List<Tune> SOME = PracticeTunes.ALL.tunes().subList(0, 12);

    private static List<String> names(List<Playlists.Line> lines) {
        return lines.stream().map(Playlists.Line::named).toList();
    }

    private static List<String> wanted() {
        return SOME.stream().map(each -> each.maker() + " - " + each.title()).toList();
    }

    @Test
    void whatGoesOutComesInTheSame() {
        byte[] xspf = Playlists.xspf("Break <&> \"tea\"", SOME).getBytes(StandardCharsets.UTF_8);
        assertThat(names(Playlists.read(xspf))).isEqualTo(wanted());
        assertThat(Playlists.read(xspf))
                .extracting(Playlists.Line::location)
                .isEqualTo(SOME.stream().map(Tune::link).toList());
        assertThat(names(Playlists.read(Playlists.m3u(SOME).getBytes(StandardCharsets.UTF_8))))
                .isEqualTo(wanted());
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "windows-1252", "UTF-16LE", "UTF-16BE", "UTF-16"})
    void oddEncodingsAreRead(String encoding) {
        String mark = encoding.endsWith("E") ? "\uFEFF" : "";
        byte[] file = (mark + Playlists.m3u(SOME)).getBytes(Charset.forName(encoding));
        assertThat(names(Playlists.read(file))).isEqualTo(wanted()).anyMatch(each -> each.contains("Café Marée"));
    }

    @Test
    void aHundredThousandLinesAreReadAsFarAsIsOfUse() {
        byte[] file = "https://tunes.example.org/tidesong\r\n".repeat(100_000).getBytes(StandardCharsets.UTF_8);
        assertThat(Playlists.read(file)).hasSize(Playlists.MOST + 1);
        assertThat(Playlists.read("#EXTM3U\n\n#EXTINF:x,\n".getBytes(StandardCharsets.UTF_8)))
                .isEmpty();
    }

    @Test
    void aBrokenListIsRefusedAndReadsNothingOutsideItself() {
        assertThatThrownBy(() ->
                        Playlists.read("<?xml version=\"1.0\"?><playlist><track>".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("cannot be read at line 1");
        String outside = "<?xml version=\"1.0\"?><!DOCTYPE playlist [<!ENTITY x SYSTEM \"file:///etc/hostname\">]>"
                + "<playlist><trackList><track><title>&x;</title></track></trackList></playlist>";
        assertThatThrownBy(() -> Playlists.read(outside.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refused.class);
    }

    @Test
    void aPictureIsAlwaysTheSame() {
        assertThat(TunePicture.of(SOME.get(0))).startsWith("<svg").isEqualTo(TunePicture.of(SOME.get(0)));
        assertThat(TunePicture.of(SOME.get(0))).isNotEqualTo(TunePicture.of(SOME.get(1)));
    }
}
