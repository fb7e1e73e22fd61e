package org.waxbell.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jeasy.rules.api.Facts;
import org.jeasy.rules.api.Rules;
import org.jeasy.rules.api.RulesEngine;
import org.jeasy.rules.api.RulesEngineParameters;
import org.jeasy.rules.core.DefaultRulesEngine;
import org.jeasy.rules.core.RuleBuilder;
import org.kie.api.KieServices;
import org.kie.api.builder.KieFileSystem;
import org.kie.api.runtime.KieSession;
import org.kie.api.runtime.rule.FactHandle;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.waxbell.cue.ChatWordPull;
import org.waxbell.cue.Cue;
import org.waxbell.engine.Engine;
import org.waxbell.engine.EngineState;
import org.waxbell.engine.Outcome;
import org.waxbell.event.ChatLine;
import org.waxbell.event.Standing;
import org.waxbell.event.Viewer;
import org.waxbell.gate.WhoGate;
import org.waxbell.port.Calendars;
import org.waxbell.score.Anchor;
import org.waxbell.score.Manner;
import org.waxbell.score.ReplyPart;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** A thousand rules "this word, by a member of so many months", decided for lines of which each fits one: ours and two rule engines. */
@State(Scope.Thread)
@BenchmarkMode(Mode.Throughput)
public class RuleYardsticks {
    private static final int RULES = 1_000;
    private final List<ChatLine> lines = new ArrayList<>();
    private Engine engine;
    private RulesEngine easy;
    private Rules easyRules;
    private KieSession drools;
    private int next;
    private long at;
    private int fired;

    /** What the other engines look at. */
    public record Said(String word, int months) {}

    /** Writes the same rules three times. */
    @Setup
    public void make() {
        List<Cue> cues = new ArrayList<>();
        easyRules = new Rules();
        StringBuilder text = new StringBuilder("package bench\nimport ")
                .append(Said.class.getCanonicalName())
                .append(";\n");
        for (int i = 0; i < RULES; i++) {
            String word = "!word" + i;
            int months = i % 5;
            cues.add(Wires.cue(
                    "cue-" + i,
                    ChatWordPull.of(word),
                    List.of(new WhoGate(Set.of(Standing.MEMBER), months, List.of(), List.of(), List.of())),
                    List.of(new ReplyPart("r", new Anchor.At(0), "yes", Manner.PLAIN))));
            easyRules.register(new RuleBuilder()
                    .name("rule" + i)
                    .when(facts -> ((Said) facts.get("said")).word().equals(word)
                            && ((Said) facts.get("said")).months() >= months)
                    .then(facts -> fired++)
                    .build());
            text.append("rule r")
                    .append(i)
                    .append(" when Said(word == \"")
                    .append(word)
                    .append("\", months >= ")
                    .append(months)
                    .append(") then end\n");
            lines.add(new ChatLine("practice", new Viewer("practice:ines", "ines", Set.of(Standing.MEMBER), 6), word));
        }
        engine = Show.engine(new CueBook(Wires.wiring(cues)), EngineState.fresh(1), 40, Calendars.NONE);
        easy = new DefaultRulesEngine(new RulesEngineParameters().skipOnFirstAppliedRule(true));
        KieServices services = KieServices.Factory.get();
        KieFileSystem files = services.newKieFileSystem().write("src/main/resources/bench/rules.drl", text.toString());
        services.newKieBuilder(files).buildAll();
        drools = services.newKieContainer(services.getRepository().getDefaultReleaseId())
                .newKieSession();
    }

    private ChatLine line() {
        next = (next + 1) % RULES;
        return lines.get(next);
    }

    /** Ours, with the ring, its reply and the decision that explains itself. */
    @Benchmark
    public Outcome rules() {
        return engine.accept(++at, line());
    }

    /** Easy Rules: which of them fires. */
    @Benchmark
    public int rulesEasy() {
        ChatLine line = line();
        Facts facts = new Facts();
        facts.put("said", new Said(line.word(), line.viewer().months()));
        easy.fire(easyRules, facts);
        return fired;
    }

    /** Drools: which of them fires. */
    @Benchmark
    public int rulesDrools() {
        ChatLine line = line();
        FactHandle handle = drools.insert(new Said(line.word(), line.viewer().months()));
        int count = drools.fireAllRules();
        drools.delete(handle);
        return count;
    }
}
