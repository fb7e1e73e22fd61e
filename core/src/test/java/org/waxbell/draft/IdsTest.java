package org.waxbell.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;

class IdsTest {
    @Test
    void anIdIsMadeOfWhatPeopleCallAThing() {
        assertThat(Ids.of(" The Tower (evening) ", "chat", 40, Set.of())).isEqualTo("the-tower-evening");
        assertThat(Ids.of("Gießkännchen", "chat", 40, Set.of())).isEqualTo("gie-kannchen");
        assertThat(Ids.of("Tower of waxes", "chat", 9, Set.of())).isEqualTo("tower-of");
    }

    @Test
    void whereNothingIsLeftOfItOrItIsTakenAnotherIsFound() {
        assertThat(Ids.of("***", "chat", 40, Set.of())).isEqualTo("chat");
        assertThat(Ids.of("Tower", "chat", 40, Set.of("tower", "tower-2"))).isEqualTo("tower-3");
    }
}
