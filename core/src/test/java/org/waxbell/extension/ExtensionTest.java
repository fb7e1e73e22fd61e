package org.waxbell.extension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.waxbell.Samples;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.draft.Names;
import org.waxbell.extension.ScriptSetting.Type;
import org.waxbell.kind.Fresh;
import org.waxbell.kind.Records;
import org.waxbell.sentence.Piece;

class ExtensionTest {
    private static final ScriptSetting HEAVIEST =
            new ScriptSetting("heaviest", "At most", "", Type.NUMBER, 1, 900, List.of(), "500");
    private static final Extension ALL = Records.with(OnExtension.all(), Map.of("form", List.of(HEAVIEST)));

    private static List<String> wrong(Extension extension) {
        Problems problems = new Problems();
        extension.check(problems);
        return problems.found().stream().map(Problem::path).toList();
    }

    @Test
    void aFreshOneAndOneWithAllAreRight() {
        assertThat(wrong(Records.with(
                        (Extension) Extension.KIND.fresh().apply(Fresh.NOTHING), Map.of("id", "x", "name", "X"))))
                .isEmpty();
        assertThat(wrong(ALL)).isEmpty();
    }

    static Stream<Arguments> bad() {
        return Stream.of(
                Arguments.of("hears[0]", Map.of("hears", List.of("thunder"))),
                Arguments.of("hears[0]", Map.of("hears", List.of("extensionTells"))),
                Arguments.of("hears[1]", Map.of("hears", List.of("line", "line"))),
                Arguments.of("offers[0].name", Map.of("offers", List.of(new ScriptOffer("Go on", "Go", "")))),
                Arguments.of("offers[0].name", Map.of("offers", List.of(new ScriptOffer("goOn", "Go", "")))),
                Arguments.of("offers[0].title", Map.of("offers", List.of(new ScriptOffer("go", "", "")))),
                Arguments.of("offers[0].word", Map.of("offers", List.of(new ScriptOffer("go", "Go", "!go")))),
                Arguments.of("asks", Map.of("asks", List.of(Permission.POINTS), "calls", List.of())),
                Arguments.of("calls", Map.of("calls", List.of())),
                Arguments.of("calls[0]", Map.of("calls", List.of("http://x"))),
                Arguments.of("settings.heaviest", Map.of("settings", Map.of("heaviest", "901"))),
                Arguments.of("settings.lightest", Map.of("settings", Map.of("lightest", "1"))),
                Arguments.of("code", Map.of("code", "x".repeat(200_001))),
                Arguments.of(
                        "form[0].fresh",
                        Map.of("form", List.of(new ScriptSetting("a", "A", "", Type.NUMBER, 1, 5, List.of(), "6")))),
                Arguments.of(
                        "form[0].least",
                        Map.of("form", List.of(new ScriptSetting("a", "A", "", Type.NUMBER, 9, 5, List.of(), "6")))),
                Arguments.of(
                        "form[0].choices",
                        Map.of("form", List.of(new ScriptSetting("a", "A", "", Type.CHOICE, 0, 0, List.of(), "")))),
                Arguments.of(
                        "form[0].key",
                        Map.of("form", List.of(new ScriptSetting("a b", "A", "", Type.TEXT, 0, 9, List.of(), "")))));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void whatCannotBeIsRefusedByItsPlace(String path, Map<String, ?> change) {
        assertThat(wrong(Records.with(ALL, change))).contains(path);
    }

    @Test
    void settingsAreReadAsWhatTheyAre() {
        Extension set = Records.with(
                ALL,
                Map.of(
                        "form",
                        List.of(
                                HEAVIEST,
                                new ScriptSetting("loud", "Loud", "", Type.FLAG, 0, 0, List.of(), "false"),
                                new ScriptSetting("unit", "Unit", "", Type.TEXT, 0, 9, List.of(), "grams")),
                        "settings",
                        Map.of("heaviest", "700", "loud", "true")));
        assertThat(set.read()).isEqualTo(Map.of("heaviest", 700L, "loud", true, "unit", "grams"));
    }

    @Test
    void itsSentenceSaysWhatItHearsAndMay() {
        String sentence = String.join(
                " ",
                Records.with(ALL, Map.of("asks", List.of(Permission.SAY), "calls", List.of()))
                        .sentence(new Names(Samples.wiring()))
                        .stream()
                        .map(Piece::text)
                        .toList());
        assertThat(sentence)
                .contains("Weigh", "is on", "hears lines of chat", "can be asked for Guess", "writes in chat");
    }

    @Test
    void whatWasAgreedToElsewhereWasNotAgreedToHere() {
        assertThat(ALL.arriving(Optional.empty()))
                .isEqualTo(Records.with(ALL, Map.of("on", false, "agreed", List.of())));
        assertThat(ALL.arriving(Optional.of(ALL))).as("the very same is here").isEqualTo(ALL);
        Extension less = Records.with(ALL, Map.of("agreed", List.of(Permission.SAY)));
        assertThat(ALL.arriving(Optional.of(less)).agreed()).containsExactly(Permission.SAY);
        Extension other = Records.with(ALL, Map.of("code", "function heard() {}"));
        assertThat(other.arriving(Optional.of(ALL)).agreed()).isEmpty();
        assertThat(other.arriving(Optional.of(ALL)).on()).isFalse();
    }

    @Test
    void wishesAreReadAsTheyWereWritten() {
        List<Wish> all = List.of(
                new Wish("say", Map.of("text", "a 1.do b")),
                new Wish("call", Map.of("link", "shop", "field.x", "1")),
                new Wish("forget", Map.of()));
        assertThat(Wish.read(Wish.written(all))).isEqualTo(all);
        assertThat(all.get(1).below(Wish.FIELD)).isEqualTo(Map.of("x", "1"));
    }
}
