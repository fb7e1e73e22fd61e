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
    /** How ids of its voices begin, before the name that the browser has for it. */
    private static final String PREFIX = "browser:";

    private final ObjectProvider<StageFeed> feed;
    private final ShippedSpeech plain;

    BrowserSpeech(ObjectProvider<StageFeed> feed, ShippedSpeech plain) {
        this.feed = feed;
        this.plain = plain;
    }

    @Override
    public List<Voice> voices() {
        return feed.getObject().voices().entrySet().stream()
                .map(each -> new Voice(PREFIX + each.getKey(), each.getKey(), each.getValue(), "by the browser itself"))
                .toList();
    }

    /** Where no page has the voice any more the plain one stands in. */
    @Override
    public Spoken say(Utterance what, long limitMs) {
        String name = what.voice().substring(PREFIX.length());
        return feed.getObject().voices().containsKey(name)
                ? Spoken.leftToPages(new Utterance(what.text(), name, what.speed(), what.pitch()))
                : plain.say(what, limitMs);
    }
}
