package org.waxbell.event;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.strings;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;

class ChatTextTest {
    @Test
    void controlsAndLineBreaksBecomeSpaces() {
        assertThat(ChatText.line("!pour\r\n\u0007 now\tplease ")).isEqualTo("!pour now please");
    }

    @Test
    void marksThatTurnTheDirectionAreTakenAway() {
        assertThat(ChatText.line("\u202E!pour\u2066 \u200Fa")).isEqualTo("!pour a");
    }

    @Test
    void scriptsAndEmojiStay() {
        assertThat(ChatText.line("שלום 🕯️ 蜡烛")).isEqualTo("שלום 🕯️ 蜡烛");
    }

    @Test
    void markupIsLeftAsTheTextItIs() {
        assertThat(ChatText.name("<img onerror=x>")).isEqualTo("<img onerror=x>");
    }

    @Test
    void aLongNameIsCutWithoutTearingAPair() {
        String name = ChatText.name("x".repeat(39) + "🕯".repeat(10));
        assertThat(name).hasSize(39).doesNotContain("\uD83D");
    }

    @Test
    void cleaningTwiceChangesNothingMore() {
        qt().forAll(strings().allPossible().ofLengthBetween(0, 60)).check(typed -> {
            String once = ChatText.line(typed);
            return ChatText.line(once).equals(once) && once.codePoints().noneMatch(Character::isISOControl);
        });
    }

    @ParameterizedTest
    @CsvSource(
            value = {
                "!hug @wickerby please|wickerby",
                "!hug wickerby|wickerby",
                "!hug|''",
                "!hug @|''",
                "!hug  @brine_otter|brine_otter"
            },
            delimiter = '|')
    void whoIsNamedStandsBehindTheWordWithOrWithoutTheAtSign(String text, String named) {
        assertThat(Samples.line(Samples.SEDGE, text).values()).containsEntry("named", named);
    }
}
