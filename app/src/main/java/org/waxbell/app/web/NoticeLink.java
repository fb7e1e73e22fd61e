package org.waxbell.app.web;

import org.waxbell.app.hub.NoticeHub;
import org.waxbell.app.link.Link;

/** The link to a noticeboard. */
interface NoticeLink extends Link, NoticeHub {
    /** Whether it may be used: not while it rests. */
    boolean works();

    /** Why it may not, as a sentence without its full stop. */
    String refusal();
}
