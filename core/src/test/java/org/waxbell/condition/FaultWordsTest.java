package org.waxbell.condition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.Samples;
import org.waxbell.actor.Actor;
import org.waxbell.event.Facts;
import org.waxbell.event.Tried;
import org.waxbell.event.Written;

/** Conditions are refused in words, and may ask what set the cue off. */
class FaultWordsTest {
    private static final Scope SCOPE = Scope.of(Written.FIELDS, Set.of(), Map.of("pours", true));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "viewer.month > 3 | nothing here is called viewer",
                "wick == 'x' | nothing here is called wick",
                "viewer.months == 'three' | a number and text cannot be put together by ==",
                "viewer.name > | it breaks off: something is missing at the end",
                "viewer.months 3 | “3” cannot stand here",
                "viewer.months + 1 | it is no comparison: it is neither true nor false",
                "viewer.name == 'x | “'x” has no meaning here",
                "size(viewer.name | is missing here",
                ") | cannot",
                "viewer.name.matches('x') | nothing here is called matches"
            })
    void aFaultIsSaidInWords(String text, String words) {
        assertThat(Condition.faultsOf(text, SCOPE))
                .isNotEmpty()
                .allSatisfy(fault -> assertThat(fault.message())
                        .doesNotContainIgnoringCase("overload")
                        .doesNotContain("EOF")
                        .doesNotContain("expecting"))
                .anySatisfy(fault -> assertThat(fault.message()).contains(words));
    }

    @Test
    void whatSetACueOffIsAmongItsValues() {
        Condition pressed = Condition.of("event.how == 'pressed'", SCOPE);
        Condition redeemed = Condition.of("event.how == 'reward'", SCOPE);
        assertThat(pressed.test(() -> Scope.ofEvent(Facts.HAND.sample())).holds())
                .isTrue();
        assertThat(redeemed.test(() -> Scope.ofEvent(Facts.REWARD.sample())).holds())
                .isTrue();
        assertThat(Scope.ofEvent(Samples.line(Samples.WICKERBY, "!pour"))).containsEntry(SetOff.NAME, "typed");
        assertThat(Scope.ofEvent(new Tried("c", "C", true, Facts.REWARD.sample(), Actor.HOST)))
                .containsEntry(SetOff.NAME, "reward");
        assertThat(SetOff.choices())
                .extracting(each -> each.value())
                .contains("typed", "pressed", "reward", "gift", "airOn")
                .doesNotHaveDuplicates();
    }
}
