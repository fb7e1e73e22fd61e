package org.waxbell.condition;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.condition.ConditionRows.Row;

class ConditionRowsTest {
    private static final Scope SCOPE = new Scope(Map.of(
            "viewer.months", Scope.Type.NUMBER,
            "viewer.name", Scope.Type.TEXT,
            "viewer.standing", Scope.Type.TEXTS,
            "show.open", Scope.Type.TRUTH,
            "gift.item", Scope.Type.TEXT,
            "slate.pours", Scope.Type.NUMBER));

    private static Optional<ConditionRows> read(String text) {
        return ConditionRows.of(text, SCOPE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "viewer.months >= 3",
                "viewer.months > -3",
                "viewer.name != 'lowtide_lou'",
                "'member' in viewer.standing",
                "!('vip' in viewer.standing)",
                "show.open",
                "!show.open",
                "gift.item.startsWith('Lan')",
                "gift.item.contains('it\\'s')",
                "viewer.months >= 3 && 'member' in viewer.standing && show.open",
                "slate.pours == 10 || gift.item == 'a && b'",
                "viewer.months > 1 || viewer.months > 2 || viewer.months > 3 || show.open",
                ""
            })
    void whatRowsCanSayIsReadAndWrittenBack(String text) {
        assertThat(read(text).map(rows -> rows.write(SCOPE))).contains(text);
    }

    @Test
    void bracketsAndQuotesMakeNoDifferenceToWhatIsMeant() {
        assertThat(read("(viewer.months > 3)").map(rows -> rows.write(SCOPE))).contains("viewer.months > 3");
        assertThat(read("viewer.name == \"otter\" && (show.open && !show.open)").map(rows -> rows.write(SCOPE)))
                .contains("viewer.name == 'otter' && show.open && !show.open");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "viewer.months >= 3 && show.open || !show.open",
                "size(viewer.name) > 3",
                "nothing.known == 3",
                "viewer.months == 'three'",
                "viewer.months + 1 > 2",
                "viewer.name > 'a'",
                "!(viewer.months > 3)",
                "viewer.months >",
                "3 < viewer.months"
            })
    void whatSaysMoreThanRowsCanOrHasAFaultStaysText(String text) {
        assertThat(read(text)).isEmpty();
    }

    @Test
    void anyTextInARowIsReadBackAsItWasWritten() {
        for (String value : List.of("it's", "a\\b", "&& ||", "'", "\"", "x in y", "", "two\nlines")) {
            ConditionRows rows = new ConditionRows(
                    value.length() % 2 == 0,
                    List.of(new Row("viewer.name", "==", value), new Row("gift.item", "contains", value)));
            assertThat(read(rows.write(SCOPE))).as(value).contains(rows);
        }
    }

    @Test
    void aNumberStandsWhereNoneWasTypedYet() {
        assertThat(new ConditionRows(false, List.of(new Row("viewer.months", ">=", "many"))).write(SCOPE))
                .isEqualTo("viewer.months >= 0");
    }

    @Test
    void everyTypeHasWaysToCompareThatAreReadBack() {
        SCOPE.types()
                .forEach((name, type) -> ConditionRows.ways(type).forEach(way -> {
                    String value = type == Scope.Type.NUMBER ? "3" : type == Scope.Type.TRUTH ? "" : "otter";
                    ConditionRows rows = new ConditionRows(false, List.of(new Row(name, way.value(), value)));
                    assertThat(read(rows.write(SCOPE)))
                            .as(name + " " + way.name())
                            .contains(rows);
                }));
    }
}
