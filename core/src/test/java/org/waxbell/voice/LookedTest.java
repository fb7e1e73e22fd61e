package org.waxbell.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.strings;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is found in texts of viewers, and what is left of them. */
class LookedTest {
    private static final Reading STRICT = with(Doing.INSTEAD, List.of("spillage", "grockle"));

    private static Reading with(Doing unwelcome, List<String> words) {
        return with(unwelcome, words, Doing.LEAVE, 60);
    }

    private static Reading with(Doing unwelcome, List<String> words, Doing tooLong, int longest) {
        Reading usual = Reading.USUAL;
        return new Reading(
                "",
                100,
                100,
                usual.links(),
                usual.linkWords(),
                usual.signs(),
                usual.repeats(),
                usual.senseless(),
                usual.senselessFrom(),
                unwelcome,
                words,
                tooLong,
                longest,
                usual.standIn(),
                List.of());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "good evening all",
                "what colour is that wick?",
                "marshlight says hello to brine_otter",
                "guten Abend zusammen, wie geht es euch",
                "bonjour tout le monde",
                "dobry wieczor wszystkim",
                "hyvää iltaa kaikille",
                "rhythm and myths",
                "добрый вечер",
                "ok",
                "7 tapers of 12 cm"
            })
    void ordinaryTalkIsSaidAsItIs(String text) {
        assertThat(Looked.at(text, Reading.USUAL)).isEqualTo(new Looked(text, List.of()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"asdkjhqwe zxmcnb qpwoeiru", "sdfjkhsdfkjh", "hjkhjkhjk", "xkcdjqz wvbnmq", "dfgdfg dfgd"})
    void lettersThatMakeNoWordsAreKeptOut(String text) {
        Looked looked = Looked.at(text, Reading.USUAL);
        assertThat(looked.held()).isTrue();
        assertThat(looked.reason()).startsWith("letters that make no words (");
        assertThat(looked.numbers().get("strangeTenths")).isGreaterThanOrEqualTo(53);
    }

    @Test
    void aLinkIsSaidAsALink() {
        assertThat(Looked.at("look at https://example.org/a?b=c now", Reading.USUAL)
                        .text())
                .isEqualTo("look at a link now");
        assertThat(Looked.at("see wax.example.com/dip and www.dip.net", Reading.USUAL)
                        .numbers())
                .containsEntry("links", 2L);
        assertThat(Looked.at("e.g. this is no link. Right", Reading.USUAL).findings())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "what spillage there",
                "what SPILLAGE there",
                "what spilllllaaage there",
                "what s.p.i.l.l.a.g.e there",
                "what sp1ll4ge there",
                "what s p i l l a g e there",
                "what ѕріllаgе there",
                "what spíllâge there",
                "what ｓｐｉｌｌａｇｅ there",
                "what spillages there"
            })
    void unwelcomeWordsAreFoundHoweverTheyAreWritten(String text) {
        assertThat(Looked.at(text, STRICT).text()).isEqualTo("what something there");
    }

    @ParameterizedTest
    @ValueSource(strings = {"spill age", "village", "pillage the spill", "a spillway"})
    void likeWordsAreWelcome(String text) {
        assertThat(Looked.at(text, STRICT).findings()).isEmpty();
    }

    @Test
    void whatIsSaidAgainAndAgainIsSaidOnce() {
        assertThat(Looked.at("noooooooo", Reading.USUAL).text()).isEqualTo("noo");
        assertThat(Looked.at("dip dip dip dip dip", Reading.USUAL).text()).isEqualTo("dip");
        assertThat(Looked.at("pour it pour it pour it now", Reading.USUAL).text())
                .isEqualTo("pour it now");
        assertThat(Looked.at("a".repeat(400), Reading.USUAL).text()).isEqualTo("aa");
        assertThat(Looked.at("Ha, ha, HA! what ha", Reading.USUAL).text()).isEqualTo("Ha, what ha");
        assertThat(Looked.at("very very good", Reading.USUAL).findings()).isEmpty();
    }

    @Test
    void onlySignsAreKeptOut() {
        assertThat(Looked.at("🕯🕯🕯 !!! ♥", Reading.USUAL).held()).isTrue();
        assertThat(Looked.at("well 🕯", Reading.USUAL).held()).isFalse();
    }

    @Test
    void longTextIsCutBehindASentenceOrAWord() {
        assertThat(Looked.at(
                                "The first one is tall and warm. The second one is short and never quite done dripping.",
                                STRICT)
                        .text())
                .isEqualTo("The first one is tall and warm.");
        assertThat(Looked.at("one two three four five six seven eight nine ten eleven twelve thirteen", STRICT)
                        .text())
                .isEqualTo("one two three four five six seven eight nine ten eleven");
    }

    @Test
    void whatIsAskedIsNotKeptOutUnlessSomethingElseIsFound() {
        Reading asks = with(Doing.ASK, List.of("grockle"));
        assertThat(Looked.at("a grockle here", asks).asks()).isTrue();
        assertThat(Looked.at("a grockle here", asks).reason()).isEqualTo("an unwelcome word");
        assertThat(Looked.at("grockle sdfjkhsdfkjh wvbnmq", asks).asks()).isFalse();
    }

    @Test
    void heapsOfMarksAndUnseenSignsAreTakenAway() {
        assertThat(Looked.plain("dip" + "\u0301\u0302\u0303\u0304\u0305\u0306".repeat(9) + " \u202e\u200bnow\u0000"))
                .hasSizeLessThan(10)
                .startsWith("di")
                .endsWith(" now");
        assertThat(Looked.plain("שלום עולם")).isEqualTo("שלום עולם");
    }

    @Test
    void noTextBreaksIt() {
        qt().forAll(strings().allPossible().ofLengthBetween(0, 200)).checkAssert(text -> {
            Looked looked = Looked.at(text, STRICT);
            assertThat(looked.text().length()).isLessThanOrEqualTo(Math.max(60, text.length() + 60));
            assertThat(ReadAloud.of(looked.text(), "en", STRICT.spellings())).isNotNull();
        });
    }
}
