package org.waxbell.kind;

/** Where the choices of a field come from, when they are not fixed. */
public enum From {
    /** What is fixed, or nothing to choose from. */
    NOWHERE(""),
    /** Stages by their ids. */
    STAGES("there is no stage"),
    /** Spots of the stage that stands in the field {@code stage}. */
    SPOTS("the stage has no spot"),
    /** Outlets of that stage. */
    OUTLETS("the stage has no outlet"),
    /** Outlets of the stage on which something stands that its own page sounds, empty text for none. */
    OWN_OUTLETS(""),
    /** Wheels of that stage. */
    WHEELS("the stage has no wheel"),
    /** Desks of all sorts that can be asked. */
    DESKS("there is no desk"),
    /** Clocks by their ids. */
    CLOCKS("there is no clock"),
    /** Queues by their ids. */
    QUEUES("there is no queue"),
    /** Task lists by the ids of their desks. */
    TASKS("there are no task lists"),
    /** Desks of tunes by their ids. */
    TUNES("there is no desk of tunes"),
    /** Crowds that play, by the ids of their desks. */
    CROWDS("there is no crowd play"),
    /** Polls, by the ids of their desks. */
    POLLS("there is no poll"),
    /** Prize draws, by the ids of their desks. */
    PRIZES("there is no prize draw"),
    /** Mascots of that stage. */
    MASCOTS("the stage has no mascot"),
    /** Moves of the mascot that stands in the field {@code mascot}. */
    MOVES("the mascot has no move"),
    /** Looks that a card may have. */
    LOOKS("there is no look"),
    /** Looks, empty text for colours of its own. */
    OWN_LOOKS(""),
    /** Addresses on the web, by the ids of their links. */
    WEB_LINKS("no address on the web is set up"),
    /** Desks that speak Open Sound Control, by the ids of their links. */
    OSC_LINKS("no desk that speaks OSC is set up"),
    /** Folders of the shelf that have sounds. */
    SOUND_FOLDERS("no sound is on the shelf"),
    /** Files of the folder that stands in the field {@code folder}, empty text for any of them. */
    SOUNDS(""),
    /** Pictures of the shelf. */
    PICTURES("no picture is on the shelf"),
    /** Videos of the shelf. */
    VIDEOS("no video is on the shelf"),
    /** Moving pictures of the shelf. */
    FIGURES("no moving picture is on the shelf"),
    /** Parts that look somebody up, of the cue by their ids. */
    LOOK_UPS("nobody is looked up here yet"),
    /** Values of the slate by their ids. */
    SLATE("nothing is on the slate"),
    /** Numbers of the slate by their ids, those that the program counts included. */
    NUMBERS("there is no number on the slate"),
    /** Numbers that a stage may show, by their names in words. */
    SHOWN_NUMBERS("there is no number"),
    /** Other cues by their ids. */
    CUES("there is no other cue"),
    /** Racks by their ids. */
    RACKS("there is no rack"),
    /** Sources of the mixer. */
    SOURCES(""),
    /** Scenes of the mixer. */
    SCENES(""),
    /** Programs of this computer that its owner allows. */
    PROGRAMS(""),
    /** Links by their names. */
    LINKS(""),
    /** Viewers who were seen, by their names. */
    VIEWERS(""),
    /** Voices that can be heard here, empty text for the usual one. */
    VOICES(""),
    /** Rewards of the channel. */
    REWARDS(""),
    /** Gifts that came. */
    GIFTS("");

    private final String missing;

    From(String missing) {
        this.missing = missing;
    }

    /** What is said where there is nothing to choose from, such as {@code there is no stage}; empty text where names may be typed. */
    public String missing() {
        return missing;
    }
}
