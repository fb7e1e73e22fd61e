package org.waxbell.ready;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.waxbell.check.Problem;
import org.waxbell.check.Problems;
import org.waxbell.ready.Question.Sort;

class QuestionTest {
    private static Question question(Sort sort) {
        return new Question("key", "It", sort, sort == Sort.NUMBER ? "5" : "keep", List.of("member", "vip"), 1, 60);
    }

    private static List<Problem> problems(Sort sort, String answer) {
        Problems problems = new Problems();
        question(sort).check(answer, problems);
        return problems.found();
    }

    @ParameterizedTest
    @CsvSource({
        "WORD,keep",
        "WORD,Behalten",
        "WORD,zwei_drei-4",
        "WORDS,good to have you here",
        "NUMBER,1",
        "NUMBER,60",
        "CHOICE,vip"
    })
    void whatFitsIsTaken(Sort sort, String answer) {
        assertThat(problems(sort, answer)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "WORD,two words",
        "WORD,!keep",
        "WORD,''",
        "WORDS,''",
        "NUMBER,0",
        "NUMBER,61",
        "NUMBER,-3",
        "NUMBER,1.5",
        "NUMBER,1234567890123456789",
        "NUMBER,many",
        "CHOICE,host"
    })
    void whatDoesNotFitIsRefusedByItsKeyWithWhatToDo(Sort sort, String answer) {
        assertThat(problems(sort, answer)).hasSize(1).allSatisfy(each -> {
            assertThat(each.path()).isEqualTo("key");
            assertThat(each.remedy()).isNotBlank();
        });
    }

    @Test
    void theUsualAnswerStandsWhereNoneWasGivenAndSpacesAroundOneCountForNothing() {
        assertThat(question(Sort.WORD).answer(Map.of())).isEqualTo("keep");
        assertThat(question(Sort.WORD).answer(Map.of("key", "  hold "))).isEqualTo("hold");
    }
}
