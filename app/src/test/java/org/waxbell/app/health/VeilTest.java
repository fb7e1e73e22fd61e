package org.waxbell.app.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Set;
import org.apache.ibatis.session.ResultContext;
import org.apache.ibatis.session.ResultHandler;
import org.junit.jupiter.api.Test;
import org.waxbell.app.store.PersonMapper;

/** Names and addresses that are taken out of what is handed on. */
class VeilTest {
    private static Veil veil(String... seen) {
        PersonMapper people = mock(PersonMapper.class);
        doAnswer(call -> {
                    ResultHandler<String> each = call.getArgument(0);
                    for (String name : seen) {
                        each.handleResult(context(name));
                    }
                    return null;
                })
                .when(people)
                .names(any());
        return new Veil(people, Set.of("Reed_Bell"));
    }

    @SuppressWarnings("unchecked")
    private static ResultContext<String> context(String name) {
        ResultContext<String> context = mock(ResultContext.class);
        doAnswer(call -> name).when(context).getResultObject();
        return context;
    }

    @Test
    void namesGoWhateverTheirCapitalsAndLongerWordsStay() {
        assertThat(veil("wickerby", "moth").over("Wickerby and \"wickerby\": mothlight, moth's, reed_bell."))
                .isEqualTo("someone and \"someone\": mothlight, someone's, someone.");
    }

    @Test
    void namesWithSignsInThemGoAsTheyAreWritten() {
        assertThat(veil("moth[away]", "|reed|", "größe").over("moth[away] saw |REED| and GRÖSSE, größe"))
                .isEqualTo("someone saw someone and GRÖSSE, someone");
    }

    @Test
    void addressesGoAndTheFolderOfWhoeverSitsHere() {
        String home = System.getProperty("user.home");
        assertThat(List.of(
                        veil().over("from 192.0.2.17 to 127.0.0.1:8087"),
                        veil().over("version 1.2.3"),
                        veil().over(home + "/.waxbell/log")))
                .containsExactly("from an address to 127.0.0.1:8087", "version 1.2.3", "~/.waxbell/log");
    }
}
