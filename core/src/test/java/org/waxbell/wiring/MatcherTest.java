package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.waxbell.Samples.INES;
import static org.waxbell.Samples.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.cue.EventPull;
import org.waxbell.cue.PatternPull;
import org.waxbell.cue.PhrasePull;
import org.waxbell.cue.Pull;
import org.waxbell.event.EventFields;
import org.waxbell.event.Fact;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;

class MatcherTest {
    private static Cue cue(String id, Pull... pulls) {
        Cue cue = Samples.cue(id, List.of("!" + id), List.of(), Samples.reply("r", new Anchor.At(0)));
        return Samples.pulledBy(cue, pulls);
    }

    private static List<String> matched(ShowEvent event, Cue... cues) {
        return Samples.book(cues).match(event, (match, line) -> true).stream()
                .map(each -> each.ready().cue().id())
                .toList();
    }

    private static List<String> problems(Cue cue) {
        return CueCheck.check(Samples.wiring(), cue, Calendars.NONE).stream()
                .map(Problem::path)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "good evening all, true",
        "so GOOD EVENING!, true",
        "goods evening, false",
        "a good eveningstar, false",
        "ｇｏｏｄ evening, true"
    })
    void aPhraseOfWholeWordsStandsAlone(String text, boolean rings) {
        assertThat(matched(line(INES, text), cue("greet", new PhrasePull(List.of("good evening"), true))))
                .hasSize(rings ? 1 : 0);
    }

    @Test
    void aPhraseAnywhereMayStandWithinAWordAndRingsOnce() {
        Cue wax = cue("wax", new PhrasePull(List.of("wax", "beeswax"), false));
        assertThat(matched(line(INES, "beeswax, earwax, wax"), wax)).containsExactly("wax");
    }

    @Test
    void aPatternIsTriedWhereItsLiteralStands() {
        Cue pour = cue("pour", new PatternPull("pour(ed|ing)? +(a|the) taper", "taper"));
        Cue digits = cue("digits", new PatternPull("^[0-9]{3}$", ""));
        assertThat(matched(line(INES, "she Poured the TAPER"), pour, digits)).containsExactly("pour");
        assertThat(matched(line(INES, "taper poured"), pour, digits)).isEmpty();
        assertThat(matched(line(INES, "123"), pour, digits)).containsExactly("digits");
    }

    @Test
    void wordsPhrasesAndPatternsOfOneLineRingInTheOrderOfTheList() {
        Cue third = cue("third", ChatWordPull.of("!pour"));
        assertThat(matched(
                        line(INES, "!pour the taper"),
                        cue("first", new PatternPull("tap.r", "tap")),
                        cue("second", new PhrasePull(List.of("the"), true)),
                        third))
                .containsExactly("first", "second", "third");
    }

    @Test
    void anEventIsMatchedByItsKindAndFilters() {
        Cue any = cue("any", new EventPull("gift", Map.of(), Map.of()));
        Cue big = cue("big", new EventPull("gift", Map.of("giftWorth", 50L), Map.of()));
        Cue lantern = cue("lantern", new EventPull("gift", Map.of(), Map.of("giftItem", "LANTERN")));
        Cue follow = cue("follow", new EventPull("follow", Map.of(), Map.of()));
        assertThat(matched(Facts.GIFT.from("practice", INES, "Sprig", 1L, 3L), any, big, lantern, follow))
                .containsExactly("any");
        assertThat(matched(Facts.GIFT.from("practice", INES, "Honeycomb", 50L, 1L), any, big, lantern))
                .containsExactly("any", "big");
        assertThat(matched(Facts.GIFT.from("practice", INES, "Lantern", 500L, 1L), any, big, lantern))
                .containsExactly("any", "big", "lantern");
    }

    @Test
    void everySampleIsMadeAnewWithEveryFieldChanged() {
        for (FactKind kind : Facts.ofChannel()) {
            Fact sample = kind.sample();
            Map<String, Long> numbers = new TreeMap<>();
            sample.numbers().keySet().forEach(name -> numbers.put(name, 7L));
            Map<String, String> texts = new TreeMap<>();
            sample.values().keySet().forEach(name -> texts.put(name, "seven"));
            Fact made = sample.with(new EventFields("elsewhere", INES, numbers, texts));
            assertThat(made.what()).isEqualTo(kind);
            assertThat(made.link()).contains("elsewhere");
            assertThat(made.numbers().values()).allMatch(number -> number == 7);
            made.values()
                    .forEach((name, value) ->
                            assertThat(value).as(sample.kind() + " " + name).isIn("seven", "7", "0.07", INES.name()));
            assertThat(sample.sentence()).contains(sample.who());
        }
    }

    @Test
    void pullsThatCannotBeAreRefusedByPlace() {
        assertThat(problems(cue("a", new PhrasePull(List.of(), true)))).containsExactly("pulls[0].phrases");
        assertThat(problems(cue("a", new PhrasePull(List.of(" "), true)))).containsExactly("pulls[0].phrases[0]");
        assertThat(problems(cue("a", new PatternPull("pour(", "pour")))).containsExactly("pulls[0].pattern");
        assertThat(problems(cue("a", new PatternPull("(?=x)", "x")))).containsExactly("pulls[0].pattern");
        assertThat(problems(cue("a", new EventPull("firework", Map.of(), Map.of()))))
                .contains("pulls[0].event");
        assertThat(problems(cue("a", new EventPull("gift", Map.of("giftColour", 1L), Map.of("months", "x")))))
                .containsExactly("pulls[0].atLeast.giftColour", "pulls[0].exactly.months");
        assertThat(problems(cue("a", new EventPull("gift", Map.of("giftWorth", -1L), Map.of()))))
                .containsExactly("pulls[0].atLeast.giftWorth");
    }

    @Test
    void tooManyPatternsWithoutALiteralAreRefused() {
        List<Pull> bare = new ArrayList<>();
        for (int i = 0; i <= PatternPull.MOST_WITHOUT_LITERAL; i++) {
            bare.add(new PatternPull("x{" + (i + 1) + "}", ""));
        }
        assertThat(problems(cue("a", bare.toArray(Pull[]::new)))).containsExactly("pulls");
    }

    @Test
    void wordsOfTheReplyMayUseOnlyFieldsThatEveryPullHas() {
        Cue both = cue("both", new EventPull("gift", Map.of(), Map.of()), ChatWordPull.of("!gift"));
        assertThat(both.fields()).containsExactly("viewer");
    }

    @Test
    void theOnePassFindsWhatAskingEachWouldFind() {
        String[] pieces = {"wax", "Taper", "pour", " ", "good evening", "x", "BEESWAX", ", "};
        List<Cue> cues = List.of(
                cue("one", new PhrasePull(List.of("wax"), false)),
                cue("two", new PhrasePull(List.of("wax"), true)),
                cue("three", new PhrasePull(List.of("good evening", "taper"), false)),
                cue("four", new PatternPull("pour.*wax", "pour")));
        CueBook book = Samples.book(cues.toArray(Cue[]::new));
        qt().withExamples(1_000)
                .forAll(lists().of(integers().between(0, pieces.length - 1)).ofSizeBetween(0, 8))
                .check(numbers -> {
                    StringBuilder text = new StringBuilder();
                    numbers.forEach(number -> text.append(pieces[number]));
                    String low = text.toString().toLowerCase(Locale.ROOT);
                    List<String> expected = new ArrayList<>();
                    add(expected, "one", low.contains("wax"));
                    add(expected, "two", low.matches("(?s)(.*[^\\p{L}\\p{N}])?wax([^\\p{L}\\p{N}].*)?"));
                    add(expected, "three", low.contains("good evening") || low.contains("taper"));
                    add(expected, "four", low.matches(".*pour.*wax.*"));
                    return book.match(line(INES, text.toString()), (match, line) -> true).stream()
                            .map(each -> each.ready().cue().id())
                            .toList()
                            .equals(expected);
                });
    }

    private static void add(List<String> expected, String id, boolean rings) {
        if (rings) {
            expected.add(id);
        }
    }
}
