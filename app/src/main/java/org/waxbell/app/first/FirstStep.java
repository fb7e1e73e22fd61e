package org.waxbell.app.first;

import java.util.List;

/** A step of the first evening, in the order in which they matter. */
enum FirstStep {
    /** A chat is heard. */
    CHAT(
            "A chat",
            "Link your chat, or take the practice channel: choose a viewer there and write a line.",
            new FirstEvening.FirstWay("Practice channel", "/channel", true),
            new FirstEvening.FirstWay("Link a chat", "/links", false)),
    /** A page that is no preview showed a stage. */
    STAGE(
            "The stage in the picture",
            "Put the stage into your broadcasting software: here its practice stand-in takes it with one press.",
            new FirstEvening.FirstWay("Place the stage", "/links", false),
            new FirstEvening.FirstWay("Practice mixer", "/mixer", true)),
    /** Three ready-made pieces, or as many cues of their own. */
    PIECES(
            "Three pieces",
            "Take three ready-made pieces from the shelf, or write cues of your own.",
            new FirstEvening.FirstWay("Ready-made", "/ready", false),
            new FirstEvening.FirstWay("A cue of my own", "/cues?new", false)),
    /** Three cues were tried. */
    TRY(
            "Tried",
            "Try three of them: each has Try it beside it, and is seen on the stage at once.",
            new FirstEvening.FirstWay("Ready-made", "/ready", false),
            new FirstEvening.FirstWay("Cues", "/cues", false)),
    /** An evening was rehearsed. */
    REHEARSE(
            "Rehearsed",
            "Play a made-up evening through them in a second, and see what would be held or would wait.",
            new FirstEvening.FirstWay("Rehearse", "/rehearse", false)),
    /** A show was opened. */
    SHOW(
            "The show opens",
            "Open the show: Show, at the top of the page, then Open. Hush beside it ends everything at once.",
            new FirstEvening.FirstWay("Live", "/live", false));

    private final String title;
    private final String says;
    private final List<FirstEvening.FirstWay> ways;

    FirstStep(String title, String says, FirstEvening.FirstWay... ways) {
        this.title = title;
        this.says = says;
        this.ways = List.of(ways);
    }

    String title() {
        return title;
    }

    String says() {
        return says;
    }

    List<FirstEvening.FirstWay> ways() {
        return ways;
    }
}
