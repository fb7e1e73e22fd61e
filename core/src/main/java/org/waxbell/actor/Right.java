package org.waxbell.actor;

/** What somebody may do; a closed set, asked in one place before an edit or an act. */
public enum Right {
    /** See the evening: chat, what plays, how desks stand, what needs somebody. */
    WATCH,
    /** Let through, or leave out, what waits to be read aloud. */
    APPROVE,
    /** Press the buttons of cues. */
    PRESS,
    /** Write into chats as the helper of the house. */
    SAY,
    /** Write down moments that are worth finding again. */
    MARK,
    /** Look at the wiring, the evening and what happened. */
    LOOK,
    /** Edit the wiring, bring media and carry all of it in and out. */
    EDIT,
    /** Try cues, switch what can be switched, play a ring again and write on the slate. */
    PULL,
    /** Hush, and end or skip a single ring. */
    HUSH,
    /** Open and close the show, and say that it is on air. */
    SHOW,
    /** Ask desks for what their own acts leave to the host. */
    ASK,
    /** Set up links, secrets, addresses and who may come in. */
    LINKS,
    /** Play on the practice channel and the practice mixer. */
    PRACTICE
}
