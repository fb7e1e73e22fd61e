package org.waxbell.crowd;

import org.waxbell.state.Ranked;

/** How a crowd stands. @param voices who plays, by identity */
public record CrowdState(CrowdHead head, Ranked<String, Voice> voices) {
    /** One that nobody plays in. */
    static final CrowdState NEW = new CrowdState(CrowdHead.NEW, Ranked.none());

    CrowdState with(CrowdHead other) {
        return new CrowdState(other, voices);
    }

    CrowdState with(Voice voice) {
        return new CrowdState(head, voices.with(voice.person(), voice));
    }

    /** The same without those who pressed last before that, and have no vote. */
    CrowdState without(long before) {
        Ranked<String, Voice> left = voices;
        for (Voice each : voices) {
            if (each.at() < before && each.word().isEmpty()) {
                left = left.without(each.person());
            }
        }
        return left == voices ? this : new CrowdState(head, left);
    }

    /** The same where nobody is remembered. */
    CrowdState silent() {
        return new CrowdState(head, Ranked.none());
    }
}
