package org.waxbell.app.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.waxbell.app.script.ScriptCall.Came;
import org.waxbell.app.script.ScriptCall.Wanted;

class SandboxTest {
    private final Sandbox sandbox = new Sandbox();

    private Came run(String code) {
        return run(code, Map.of("text", "good evening"), Map.of(), 7);
    }

    private Came run(String code, Map<String, Object> event, Map<String, String> notes, long seed) {
        return sandbox.call(new ScriptCall(
                Integer.toString(code.hashCode()),
                code,
                event.containsKey("act") ? "asked" : "heard",
                new HashMap<>(event),
                Map.of("heaviest", 900, "loud", true),
                notes,
                seed,
                1_700_000_000_000L));
    }

    /** What a body of {@code heard} writes into the log first. */
    private String log(String body) {
        Came came = run("function heard(event) { " + body + " }");
        assertThat(came.failure()).as(body).isEmpty();
        return came.log().isEmpty() ? "" : came.log().get(0);
    }

    @Test
    void itWantsThingsAndWritesThemDown() {
        Came came = run("""
                function heard(event) {
                  house.say(`you said ${event.text}`)
                  house.points('practice:brine_otter', 5, 'for it')
                  house.tell('greeted', { number: 3 })
                  house.keep('seen', { times: 1 })
                  house.call('shop', { tag: 'price', says: { candle: 'sage' }, reads: { price: '/price' } })
                  house.log({ heaviest: house.settings.heaviest })
                }
                """);
        assertThat(came.failure()).isEmpty();
        assertThat(came.wishes())
                .containsExactly(
                        new Wanted("say", Map.of("text", "you said good evening")),
                        new Wanted("points", Map.of("person", "practice:brine_otter", "amount", "5", "why", "for it")),
                        new Wanted("tell", Map.of("word", "greeted", "number", "3")),
                        new Wanted("keep", Map.of("key", "seen", "text", "{\"times\":1}")),
                        new Wanted(
                                "call",
                                Map.of(
                                        "link",
                                        "shop",
                                        "tag",
                                        "price",
                                        "field.candle",
                                        "sage",
                                        "read.price",
                                        "/price")));
        assertThat(came.log()).containsExactly("{\"heaviest\":900}");
    }

    @Test
    void whatItKeptIsThereAndGoneWhenItIsForgotten() {
        Came came = run("""
                function heard() {
                  house.log(house.kept('seen').times + house.kept('none', 4))
                  house.forget('seen')
                  house.log(house.keys().length)
                }
                """, Map.of("text", ""), Map.of("seen", "{\"times\":2}"), 7);
        assertThat(came.log()).containsExactly("6", "0");
    }

    @Test
    void itIsToldTheActFirst() {
        assertThat(run(
                                "function asked(act, event) { house.log(act + event.text) }",
                                Map.of("act", "go", "text", "1"),
                                Map.of(),
                                7)
                        .log())
                .containsExactly("go1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "house.log(typeof java + typeof Packages + typeof JavaImporter + typeof load)|undefinedundefinedundefinedundefined",
                "house.log(typeof Date.now())|number",
                "house.log(new Date().toISOString())|2023-11-14T22:13:20.000Z",
                "house.log(new Date(2020, 1, 2).getFullYear())|2020",
                "house.log(Math.max(3, 4) + typeof Math.random())|4number",
                "const { a, b = 2 } = { a: 1 }; house.log([a, b].map((x) => x * 2).join())|2,4",
                "house.log(Object.entries({ a: 1 }).flat().includes('a'))|true",
                "let s = ''; for (let x of new Set([1, 1, 2])) s += x; house.log(s)|12"
            })
    void itHasWhatOneWouldExpectAndNothingOfJava(String body, String expected) {
        assertThat(log(body)).isEqualTo(expected);
    }

    @Test
    void noCallLeavesAnythingToTheNext() {
        String code = "function heard() { this.left = (this.left || 0) + 1; Array.left = 1; house.log(this.left) }";
        assertThat(run(code).failure()).contains("sealed");
        String own = "var left = 0\nfunction heard() { left++; house.log(left) }";
        assertThat(run(own).log()).containsExactly("1");
        assertThat(run(own).log()).containsExactly("1");
    }

    @Test
    void itsChanceIsDrawnFromTheSeed() {
        String code = "function heard() { house.log([house.chance(1000), house.chance(1000), Math.random()].join()) }";
        List<String> first = run(code).log();
        assertThat(run(code).log()).isEqualTo(first);
        assertThat(run(code, Map.of(), Map.of(), 8).log()).isNotEqualTo(first);
    }

    @Test
    void afailureSaysTheLine() {
        Came came = run("function heard() {\n  house.say('a')\n  nothing()\n}");
        assertThat(came.failure()).isEqualTo("main.js line 3: ReferenceError: \"nothing\" is not defined.");
        assertThat(came.halted()).isFalse();
        assertThat(came.wishes()).as("nothing is done by half").isEmpty();
    }

    @Test
    void codeThatCannotBeReadSaysTheLine() {
        Came came = run("function heard() {\n  if (\n}");
        assertThat(came.failure()).startsWith("main.js line 3: ");
        assertThat(run("var x = 1").failure()).isEqualTo("main.js has no function heard");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "for (;;) {}",
                "while (true) { try { for (;;) {} } catch (all) {} }",
                "const f = () => f(); f()",
                "let s = []; for (;;) s.length = 0"
            })
    void whatGoesOnAndOnIsStopped(String body) {
        Came came = run("function heard() { " + body + " }");
        assertThat(came.failure()).isNotEmpty();
        assertThat(came.wishes()).isEmpty();
    }

    @Test
    void noScriptCatchesThatItIsStopped() {
        Came came = run(
                "function heard() { try { for (;;) {} } catch (e) { house.say('mine') } finally { house.say('too') } }");
        assertThat(came.halted()).isTrue();
        assertThat(came.failure()).isEqualTo("it goes on and on: it was stopped after 10 million instructions");
    }

    @Test
    void whoWantsTooMuchIsStopped() {
        Came came = run("function heard() { for (let i = 0; i < 2000; i++) house.say('again '.repeat(100)) }");
        assertThat(came.halted()).isTrue();
        assertThat(came.failure()).isEqualTo("it wants more at once than can be done");
    }

    @Test
    void promisesAreSettledAtOnceOrNever() {
        assertThat(log("return Promise.resolve(4).then((x) => house.log(x))")).isEqualTo("4");
        assertThat(run("function heard() { return new Promise(() => {}) }").failure())
                .startsWith("its promise never came");
        assertThat(run("function heard() { return Promise.reject('no wax') }").failure())
                .isEqualTo("no wax");
    }
}
