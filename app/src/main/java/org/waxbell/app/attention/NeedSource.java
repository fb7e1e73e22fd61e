package org.waxbell.app.attention;

import java.util.List;

/** Knows of one kind of things that need the host; a bean of it is found by itself. It is asked every second and must be quick. */
interface NeedSource {
    /** What there is now. */
    List<Need> needs();
}
