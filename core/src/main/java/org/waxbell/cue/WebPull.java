package org.waxbell.cue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.score.Reads;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off when a secret address is called.
 *
 * @param hook   the name of the address, small letters, digits, hyphens
 * @param signed whether only calls count that are signed as Standard Webhooks describe, each once
 * @param reads  what words may use of its body, as {@link Reads} has it; {@code heat} is told as {@code {hookHeat}}
 */
public record WebPull(String hook, boolean signed, List<String> reads) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(WebPull.class, "webCall", "a web address is called", "Web call")
            .also("webhook")
            .with(
                    Field.of(Field.Type.CODE, "hook", "Name of the address")
                            .called("The name of the address")
                            .matching(
                                    "[a-z0-9][a-z0-9-]{0,39}",
                                    "A name of an address has small letters, digits and hyphens only.",
                                    "Write one such as kiln.")
                            .needed(),
                    Field.flag("signed", "only signed calls, each once"),
                    Reads.field("Words may use of its body", "{hookHeat}"))
            .making(on -> new WebPull("kiln"));

    private static final Set<String> FIELDS = Set.of("hookName", "hookText");

    public WebPull {
        reads = List.copyOf(reads);
    }

    /** One whose body is plain text, from whoever knows the address. */
    public WebPull(String hook) {
        this(hook, false, List.of());
    }

    /** What is read of the body: a JSON Pointer by the name that words use. */
    public Map<String, String> pointers() {
        Map<String, String> all = new TreeMap<>();
        Reads.pointers(reads).forEach((name, pointer) -> all.put(Facts.ofHook(name), pointer));
        return all;
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("the address " + hook + " is called" + (signed ? " and the call is signed" : ""));
    }

    @Override
    public ShowEvent sample(Sampling on) {
        Map<String, String> samples = new TreeMap<>();
        pointers().forEach((name, pointer) -> samples.put(name, pointer.substring(pointer.lastIndexOf('/') + 1)));
        return Facts.WEB_CALLED.by(Actor.WEB, hook, "hot", samples);
    }

    @Override
    public Set<String> fields() {
        Set<String> all = new TreeSet<>(FIELDS);
        all.addAll(pointers().keySet());
        return all;
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(
                "webCall",
                event -> event instanceof Fact fact && fact.text("hook").equals(hook));
    }

    @Override
    public void check(Problems problems) {
        KIND.check(this, problems);
    }
}
