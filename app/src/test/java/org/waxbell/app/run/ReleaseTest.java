package org.waxbell.app.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doCallRealMethod;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import org.waxbell.app.inbox.OutcomeWatcher;
import org.waxbell.directive.Directive;
import org.waxbell.directive.MakeClip;
import org.waxbell.directive.PlaySound;
import org.waxbell.directive.SayInChat;
import org.waxbell.directive.SetTarget;
import org.waxbell.directive.StageDirective;
import org.waxbell.engine.Outcome;
import org.waxbell.event.Target;
import org.waxbell.port.Carrier;
import org.waxbell.port.ChatOut;
import org.waxbell.port.TargetOut;

/** The way out: each directive to its adapter, in order; what no adapter can do fails by itself, and one that throws stops no other. */
class ReleaseTest {
    private static final SayInChat SAYS = new SayInChat("1.say", 5, "practice", "", "good evening");
    private static final PlaySound SOUND =
            new PlaySound("1.sound", 5, 900, "main", "bench", "hash", 80, 0, 0, 0, 0, 0, false);
    private static final MakeClip CLIP = new MakeClip("1.clip", 5, 30, "x", "");
    private static final SetTarget SCENE =
            new SetTarget("1.scene", 5, new Target(Target.Kind.SCENE, ""), "kettle", false);
    private final Consumer<StageDirective> stages = mock();
    private final ChatOut chat = mock();
    private final Consumer<MakeClip> clips = mock();
    private final TargetOut mixer = mock();
    private final OutcomeWatcher watcher = mock();
    private final List<String> failed = new ArrayList<>();
    private final Release release;

    ReleaseTest() {
        when(chat.reaches("practice")).thenReturn(true);
        when(mixer.knows(Target.Kind.SCENE)).thenReturn(true);
        when(chat.takes()).thenCallRealMethod();
        when(chat.reaches(any(SayInChat.class))).thenCallRealMethod();
        doCallRealMethod().when(chat).carry(any());
        when(mixer.takes()).thenCallRealMethod();
        when(mixer.reaches(any())).thenCallRealMethod();
        doCallRealMethod().when(mixer).carry(any());
        Carrier<MakeClip> practice = new Carrier<>() {
            @Override
            public Class<MakeClip> takes() {
                return MakeClip.class;
            }

            @Override
            public boolean reaches(MakeClip clip) {
                return clip.partRun().startsWith("1.");
            }

            @Override
            public void carry(MakeClip clip) {
                clips.accept(clip);
            }
        };
        Registry registry = new Registry(
                List.of(chat, mixer), List.of(() -> List.of(Carrier.of(StageDirective.class, stages), practice)));
        release = new Release(registry, List.of(watcher));
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
        order.verify(stages).accept(SOUND);
        order.verify(watcher).left(any());
        order.verify(chat).say(SAYS);
        order.verify(clips).accept(CLIP);
        order.verify(mixer).set(SCENE);
        assertThat(failed).isEmpty();
    }

    @Test
    void aPartWithoutItsLinkFailsAloneAndSaysWhich() {
        release(
                new SayInChat("2.say", 5, "irc", "", "x"),
                new MakeClip("2.clip", 5, 30, "x", ""),
                new SetTarget("2.lamp", 5, new Target(Target.Kind.LAMP, "Bench"), "off", false),
                SAYS);
        assertThat(failed)
                .containsExactly(
                        "2.say: there is no chat link called irc",
                        "2.clip: no link is set up that makes clips",
                        "2.lamp: no link is set up for the lamp Bench");
        verify(chat).say(SAYS);
    }

    @Test
    void anAdapterThatThrowsStopsNoOtherAndItsPartSaysSo() {
        doThrow(new IllegalStateException("stage")).when(stages).accept(any());
        doThrow(new StackOverflowError("news")).when(watcher).left(any());
        doThrow(new IllegalStateException("clips")).when(clips).accept(any());
        release(SOUND, CLIP, SAYS, SCENE);
        verify(chat).say(SAYS);
        verify(mixer).set(SCENE);
        assertThat(failed)
                .contains("1.clip: a fault of the program ended it; the log says more")
                .noneMatch(each -> each.startsWith("1.say") || each.startsWith("1.scene"));
    }
}
