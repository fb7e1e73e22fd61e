package org.waxbell.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.condition.ConditionRows.Row;
import org.waxbell.condition.ConditionTree;
import org.waxbell.condition.Scope;

/** Conditions over what is kept of people: what they may say, and what is refused at its place. */
class PeopleRuleTest {
    private static Problems of(String condition) {
        Problems problems = new Problems();
        PeopleRule.check(problems.at("rule"), condition);
        return problems;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "lines >= 100",
                "'member' in standing && !(daysAway > 30 || note == '')",
                "name.startsWith('june') || note.contains('sage')",
                "!('vip' in standing) && gaveMonth > 0"
            })
    void comparisonsJoinedHoweverAreTaken(String condition) {
        assertThat(of(condition).found()).isEmpty();
        assertThat(ConditionTree.of(condition, PeopleRule.SCOPE)).isPresent();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wealth > 3 | wealth",
                "lines + points > 3 | comparisons of one name with one value",
                "lines > points | comparisons of one name with one value",
                "lines | neither true nor false",
                "lines >= 'many' | rule"
            })
    void whatElseIsRefusedWithARemedy(String condition, String says) {
        assertThat(of(condition).found()).isNotEmpty().allSatisfy(each -> {
            assertThat(each.path()).isEqualTo("rule");
            assertThat(each.remedy()).isNotEmpty();
        });
        assertThat(of(condition).found().toString()).contains(says);
    }

    @Test
    void theTreeHasItsBracketsAsTheyWereWritten() {
        ConditionTree lines = new ConditionTree.One(new Row("lines", ">=", "3"), Scope.Type.NUMBER);
        ConditionTree vip = new ConditionTree.One(new Row("standing", "has", "vip"), Scope.Type.TEXTS);
        ConditionTree note = new ConditionTree.One(new Row("note", "==", ""), Scope.Type.TEXT);
        assertThat(ConditionTree.of("lines >= 3 && !('vip' in standing || note == '')", PeopleRule.SCOPE))
                .contains(new ConditionTree.Joined(
                        false,
                        java.util.List.of(
                                lines,
                                new ConditionTree.Not(new ConditionTree.Joined(true, java.util.List.of(vip, note))))));
    }

    @Test
    void aKeptFilterHasANameAndACondition() {
        Problems problems = new Problems();
        new PeopleRule("", "lines >").check(problems);
        assertThat(problems.found()).extracting(Problem::path).contains("name", "condition");
    }
}
