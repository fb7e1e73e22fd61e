package org.waxbell.earning;

import java.util.Optional;
import org.waxbell.desk.Whom;
import org.waxbell.state.Ranked;

/** How points are earned now. @param present who was here in this show, by identity */
public record EarningState(EarningHead head, Ranked<String, Present> present) {
    /** Before the first show. */
    static final EarningState NEW = new EarningState(EarningHead.NEW, Ranked.none());

    EarningState with(EarningHead other) {
        return new EarningState(other, present);
    }

    EarningState with(Present one) {
        return new EarningState(head, present.with(one.person(), one));
    }

    EarningState nobody() {
        return new EarningState(head, Ranked.none());
    }

    /** Who is meant by name, of those who were here in this show. */
    Optional<Present> called(Whom whom) {
        for (Present each : present) {
            if (whom.is(each.name())) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }
}
