package org.waxbell.app.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.InstanceOfAssertFactories.list;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.waxbell.app.security.KeyRing;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** A page makes speech where one is there and answers in time; else the plain voice does. */
class PageSpeechTest {
    private static final byte[] MADE = {1, 2, 3};
    private static final byte[] PLAIN = {9};
    private final StageFeed feed = mock(StageFeed.class);
    private final ShippedSpeech plain = mock(ShippedSpeech.class);
    private final List<List<String>> asked = new ArrayList<>();
    private final PageSpeech speech;
    private final BrowserSpeech own;

    @SuppressWarnings("unchecked")
    PageSpeechTest() {
        ObjectProvider<StageFeed> provider = mock(ObjectProvider.class);
        when(provider.getObject()).thenReturn(feed);
        when(plain.say(any(), org.mockito.ArgumentMatchers.anyLong())).thenReturn(Speech.Spoken.of(PLAIN));
        KeyRing keys = mock(KeyRing.class);
        when(keys.fresh()).thenAnswer(call -> "key-" + asked.size());
        speech = new PageSpeech(provider, plain, keys);
        own = new BrowserSpeech(provider, plain);
    }

    @Test
    void aBrowsersOwnVoiceIsLeftToPagesAndGivesWayWhereNoneHasItAnyMore() {
        when(feed.voices()).thenReturn(Map.of("Reed", "en"));
        assertThat(own.voices()).containsExactly(new Voice("browser:Reed", "Reed", "en", "by the browser itself"));
        Utterance what = new Utterance("hello", "browser:Reed", 90, 110);
        assertThat(own.say(what, 1_000).byPages()).isEqualTo(new Utterance("hello", "Reed", 90, 110));
        when(feed.voices()).thenReturn(Map.of());
        assertThat(own.say(what, 1_000).wav()).isEqualTo(PLAIN);
    }

    /** A page that does that when it is asked, unless it is not to be asked. */
    private void page(Consumer<String> does) {
        when(feed.make(any(), any(), any(), any())).thenAnswer(call -> {
            Set<String> not = call.getArgument(0);
            if (not.contains("page")) {
                return Optional.empty();
            }
            Consumer<String> told = call.getArgument(3);
            told.accept("page");
            asked.add(call.getArgument(2));
            does.accept(call.getArgument(1));
            return Optional.of("page");
        });
    }

    private byte[] said(long limit) {
        return speech.say(new Utterance("hello", "page:slt", 90, 110), limit).wav();
    }

    @Test
    void thePageMakesItInTheVoiceThatIsWanted() {
        page(id -> CompletableFuture.runAsync(() -> speech.made(id, MADE)));
        assertThat(said(5_000)).isEqualTo(MADE);
        assertThat(asked)
                .singleElement()
                .asInstanceOf(list(String.class))
                .startsWith("flite", "-voice", "slt")
                .contains("duration_stretch=1.111", "int_f0_target_mean=187.000")
                .endsWith("-t", "hello");
    }

    @Test
    void withNoPageOrOneThatCannotThePlainVoiceSpeaks() {
        when(feed.make(any(), any(), any(), any())).thenReturn(Optional.empty());
        assertThat(said(5_000)).isEqualTo(PLAIN);
        page(id -> CompletableFuture.runAsync(() -> speech.made(id, new byte[0])));
        assertThat(said(5_000)).isEqualTo(PLAIN);
    }

    @Test
    void aSlowPageIsNotAskedAgainUntilItHasAnswered() {
        List<String> ids = new ArrayList<>();
        page(ids::add);
        assertThat(said(20)).isEqualTo(PLAIN);
        assertThat(said(20)).isEqualTo(PLAIN);
        assertThat(ids).hasSize(1);
        assertThat(speech.made(ids.get(0), MADE)).isTrue();
        assertThat(speech.made(ids.get(0), MADE)).isFalse();
        said(20);
        assertThat(ids).hasSize(2);
    }
}
