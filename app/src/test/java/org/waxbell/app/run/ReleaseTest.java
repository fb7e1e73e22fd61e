package org.waxbell.app.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetTarget;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Target;
import org.waxbell.port.ChatOut;
import org.waxbell.port.ClipOut;
import org.waxbell.port.StageOut;
import org.waxbell.port.TargetOut;

/** The way out: each directive to its adapter, in order; what no adapter can do fails by itself, and one that throws stops no other. */
class ReleaseTest {
    private static final SayInChat SAYS = new SayInChat("1.say", 5, "practice", "", "good evening");
    private static final PlaySound SOUND = new PlaySound("1.sound", 5, 900, "main", "bench", "hash", 80);
    private static final MakeClip CLIP = new MakeClip("1.clip", 5, "practice", 30, "x");
    private static final SetTarget SCENE =
            new SetTarget("1.scene", 5, new Target(Target.Kind.SCENE, ""), "kettle", false);
    private final StageOut stages = mock();
    private final ChatOut chat = mock();
    private final ClipOut clips = mock();
    private final TargetOut mixer = mock();
    private final OutcomeWatcher watcher = mock();
    private final List<String> failed = new ArrayList<>();
    private final Release release;

    ReleaseTest() {
        when(chat.reaches("practice")).thenReturn(true);
        when(clips.link()).thenReturn("practice");
        when(mixer.knows(Target.Kind.SCENE)).thenReturn(true);
        release = new Release(stages, List.of(chat), List.of(clips), List.of(mixer), List.of(watcher));
    }

    private void release(Directive... directives) {
        release.release(
                new Outcome(List.of(), List.of(directives), List.of()),
                (partRun, why) -> failed.add(partRun + ": " + why));
    }

    @Test
    void stagesComeFirstThenTheNewsThenChat() {
        release(SAYS, SOUND, CLIP, SCENE);
        InOrder order = inOrder(stages, watcher, chat, clips, mixer);
        order.verify(stages).perform(SOUND);
        order.verify(watcher).left(any());
        order.verify(chat).say(SAYS);
        order.verify(clips).make(CLIP);
        order.verify(mixer).set(SCENE);
        assertThat(failed).isEmpty();
    }

    @Test
    void aPartWithoutItsLinkFailsAloneAndSaysWhich() {
        release(
                new SayInChat("2.say", 5, "irc", "", "x"),
                new MakeClip("2.clip", 5, "irc", 30, "x"),
                new MakeClip("2.other", 5, "", 30, "x"),
                new SetTarget("2.lamp", 5, new Target(Target.Kind.LAMP, "Bench"), "off", false),
                SAYS);
        assertThat(failed)
                .containsExactly(
                        "2.say: there is no chat link called irc",
                        "2.clip: no link is set up that makes clips on irc",
                        "2.other: no link is set up that makes clips",
                        "2.lamp: no link is set up for the lamp Bench");
        verify(chat).say(SAYS);
    }

    @Test
    void anAdapterThatThrowsStopsNoOther() {
        doThrow(new IllegalStateException("stage")).when(stages).perform(any());
        doThrow(new IllegalStateException("news")).when(watcher).left(any());
        doThrow(new IllegalStateException("clips")).when(clips).make(any());
        release(SOUND, CLIP, SAYS, SCENE);
        verify(chat).say(SAYS);
        verify(mixer).set(SCENE);
    }
}
