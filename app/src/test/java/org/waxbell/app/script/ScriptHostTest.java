package org.waxbell.app.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.waxbell.app.script.ScriptCall.Came;
import org.waxbell.directive.RunScript;

/** The program beside ours that runs scripts: whatever one does to it, the next is run. */
class ScriptHostTest {
    private static final ScriptHost HOST = new ScriptHost("scripts tested");

    @AfterAll
    static void end() {
        HOST.close();
    }

    private static CompletableFuture<Came> call(String code) {
        return HOST.call(new RunScript(
                "desk:x:1", 1_700_000_000_000L, "x", code, "heard", Map.of("text", "hello"), Map.of(), Map.of(), 3));
    }

    private static void runsOn() {
        assertThat(call("function heard(event) { house.say(event.text) }")
                        .join()
                        .wishes())
                .hasSize(1);
    }

    @Test
    void manyCallsComeBackInOrder() {
        List<CompletableFuture<Came>> all = IntStream.range(0, 200)
                .mapToObj(i -> call("function heard() { house.log(" + i % 7 + ") }"))
                .toList();
        for (int i = 0; i < all.size(); i++) {
            assertThat(all.get(i).join().log()).containsExactly(Integer.toString(i % 7));
        }
    }

    @Test
    void whoEatsMemoryEndsThatProgramAlone() {
        Came came =
                call("function heard() { const all = []; for (;;) all.push(new Array(1000).fill('x'.repeat(1000))) }")
                        .join();
        assertThat(came.halted()).isTrue();
        assertThat(came.failure()).containsAnyOf("more memory than there is", "goes on and on", "took longer");
        Came fast =
                call("function heard() { let s = 'x'.repeat(1000000); const all = []; for (;;) all.push((s += s).charAt(5)) }")
                        .join();
        assertThat(fast.failure()).isEqualTo("it used more memory than there is for scripts, 96 MB");
        runsOn();
    }

    @Test
    void whatCannotBeCountedIsEnded() {
        Came came = call("function heard() { Array.prototype.indexOf.call({ length: 9000000000000000 }, 1) }")
                .join();
        assertThat(came.halted()).isTrue();
        assertThat(came.failure()).isEqualTo("it did not come back within 4 seconds, and was ended");
        runsOn();
    }

    @Test
    void codeIsLookedAtWithoutBeingRun() {
        assertThat(HOST.faultOf("for (;;) {}")).isEmpty();
        assertThat(HOST.faultOf("for (;;) {")).startsWith("main.js line 1: ");
        assertThat(HOST.faultOf("")).isEmpty();
    }
}
