package org.waxbell.app.speech;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.waxbell.app.stage.StageFeed;
import org.waxbell.port.Speech;
import org.waxbell.voice.Utterance;
import org.waxbell.voice.Voice;

/** The voices of the browsers that show stages now, where they have any: each page says it itself, and how long that took is known afterwards. */
@Component
@Order(40)
public class BrowserSpeech implements Speech {
    private final ObjectProvider<StageFeed> feed;

    BrowserSpeech(ObjectProvider<StageFeed> feed) {
        this.feed = feed;
    }

    @Override
    public List<Voice> voices() {
        return feed.getObject().voices();
    }

    @Override
    public Spoken say(Utterance what, long limitMs) {
        return Spoken.leftToPages();
    }
}
