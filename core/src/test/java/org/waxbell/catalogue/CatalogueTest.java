package org.waxbell.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

class CatalogueTest {
    private static final Catalogue ALL = new Catalogue(List.of(PracticeTunes.ALL));

    @ParameterizedTest
    @CsvSource({
        "the brine lanten, The Brine Lantern",
        "BRINE LANTERN, The Brine Lantern",
        "tide song, Tide Song",
        "tidesong, Tidesong",
        "noturne 17, Nocturne 17",
        "nocturne 7, Nocturne 7",
        "cafe maree, Café Marée",
        "Quay the on Lantern, Lantern on the Quay",
        "slow wax, Slow Wax",
    })
    void whatIsMisspelledIsSure(String words, String title) {
        Found found = ALL.find(words);
        assertThat(found.nearest().get(0).title()).isEqualTo(title);
        assertThat(found.sure()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"lantern", "wax", "the", "song", "nocturne 8", "Kit Saltby"})
    void whatMayMeanSeveralIsNot(String words) {
        assertThat(ALL.find(words).sure()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"xyzzy plugh", "''", "' '", "<b>", "*:*", "title:[a TO z]", "AND OR NOT", "\u202E"})
    void whatFitsNothingIsNothing(String words) {
        assertThat(ALL.find(words)).isEqualTo(Found.NOTHING);
    }

    @Test
    void fiveHundredCharactersAreAnswered() {
        assertThat(ALL.find("brine lantern ".repeat(40)).nearest().get(0).title())
                .isEqualTo("The Brine Lantern");
        assertThat(ALL.find("x".repeat(500))).isEqualTo(Found.NOTHING);
    }

    /** The seeds are fixed, so what is counted is the same each time. */
    @Test
    void atMostOneInAHundredRequestsIsTakenForAnotherTune() {
        Misspelled people = new Misspelled(7);
        Random random = new Random(1);
        int wrong = 0;
        int named = 0;
        for (int i = 0; i < 300; i++) {
            Tune tune = ALL.all().get(random.nextInt(ALL.all().size()));
            Found found = ALL.find(people.request(tune));
            wrong += found.sure() && !found.nearest().get(0).equals(tune) ? 1 : 0;
            named += found.nearest().contains(tune) ? 1 : 0;
        }
        assertThat(wrong).isLessThanOrEqualTo(3);
        assertThat(named).isGreaterThan(290);
    }

    @Test
    void linksAreFoundHoweverTheyAreWritten() {
        for (String link : List.of(
                "https://tunes.example.org/tidesong",
                "http://tunes.example.org/tidesong/",
                "HTTPS://WWW.TUNES.example.org/Tidesong")) {
            assertThat(ALL.linked(link).orElseThrow().title()).isEqualTo("Tidesong");
        }
        assertThat(ALL.linked("https://tunes.example.org/nowhere")).isEmpty();
        assertThat(ALL.linked("")).isEmpty();
    }

    @Test
    void aLineOfAListMeansWhatCanOnlyBeOne() {
        assertThat(ALL.listed("https://tunes.example.org/tidesong", "Other", "Nobody")
                        .orElseThrow()
                        .title())
                .isEqualTo("Tidesong");
        assertThat(ALL.listed("practice/tidesong", "", "").orElseThrow().title())
                .isEqualTo("Tidesong");
        assertThat(ALL.listed("/music/1.ogg", "Tidesong", "Kit Saltby")
                        .orElseThrow()
                        .title())
                .isEqualTo("Tidesong");
        assertThat(ALL.listed("/music/2.ogg", "Lantern", "")).isEmpty();
        assertThat(ALL.listed("/music/3.ogg", "", "")).isEmpty();
    }

    static Stream<TuneSource> sources() {
        Media long1 = new Media("Fen Choir - Reed Song.ogg", "Tunes", "aa", "audio/ogg", 90_000);
        Media long2 = new Media("hum.wav", "Tunes", "bb", "audio/wav", 21_000, -300, 1);
        Media sound = new Media("bell.wav", "Bench", "cc", "audio/wav", 2_000);
        Media clip = new Media("dip.webm", "Videos", "dd", "video/webm", 60_000);
        Media film = new Media("Kelp Row - Low Water.webm", "Videos", "ee", "video/webm", 60_000);
        return Stream.concat(
                Stream.of(PracticeTunes.ALL),
                ShelfTunes.of(new Shelf(List.of(long1, long2, sound, clip, film))).stream());
    }

    /** What holds of every source of tunes. */
    @ParameterizedTest
    @MethodSource("sources")
    void aSourceKeepsItsWord(TuneSource source) {
        List<Tune> tunes = source.tunes();
        assertThat(tunes).isNotEmpty().isEqualTo(source.tunes());
        Set<String> ids = new HashSet<>();
        Set<String> links = new HashSet<>();
        for (Tune tune : tunes) {
            assertThat(tune.id()).startsWith(source.name() + "/");
            assertThat(ids.add(tune.id())).isTrue();
            assertThat(tune.link().isEmpty() || links.add(tune.link())).isTrue();
            assertThat(tune.title()).isNotBlank();
            assertThat(tune.lengthMs()).isPositive();
            assertThat(new Catalogue(List.of(source)).get(tune.id())).contains(tune);
        }
    }

    @Test
    void theShelfsAudioIsNamedByItsFile() {
        List<Tune> tunes = sources().toList().get(1).tunes();
        assertThat(tunes).extracting(Tune::named).containsExactly("Reed Song by Fen Choir", "hum");
        assertThat(tunes.get(1).gain()).isEqualTo(-300);
    }

    @Test
    void aVideoThatIsNamedWithItsMakerIsATuneWithAFilm() {
        List<Tune> tunes = sources().toList().get(2).tunes();
        assertThat(tunes).extracting(Tune::named).containsExactly("Low Water by Kelp Row");
        assertThat(tunes).allMatch(Tune::filmed).allMatch(Tune::ofShelf);
        assertThat(sources().toList().get(1).tunes()).noneMatch(Tune::filmed).allMatch(Tune::ofShelf);
    }

    @Test
    void aMelodyIsAlwaysTheSameAndNeverTooLoud() {
        Tune tune = new Tune("practice/x", "X", "", 8_000, "", "", 0, true);
        float[] sound = PracticeMelody.play(tune);
        assertThat(sound).hasSize(8 * PracticeMelody.RATE).isEqualTo(PracticeMelody.play(tune));
        List<Float> loud = new ArrayList<>();
        for (float each : sound) {
            if (Math.abs(each) > 0.61) {
                loud.add(each);
            }
        }
        assertThat(loud).isEmpty();
        assertThat(Math.abs(sound[sound.length - 1])).isLessThan(0.01f);
        assertThat(PracticeTunes.ALL.tunes()).hasSizeGreaterThan(150);
    }
}
