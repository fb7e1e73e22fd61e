package org.waxbell.cue;

import java.util.Set;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/** Sets the cue off when a secret address is called. @param hook the name of the address, small letters, digits, hyphens */
public record WebPull(String hook) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(WebPull.class, "webCall", "a web address is called", "Web call")
            .also("webhook")
            .with(Field.of(Field.Type.CODE, "hook", "Name of the address"))
            .making(on -> new WebPull("kiln"));

    private static final Set<String> FIELDS = Set.of("hookName", "hookText");

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("the address " + hook + " is called");
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return Facts.WEB_CALLED.by(Actor.WEB, hook, "hot");
    }

    @Override
    public Set<String> fields() {
        return FIELDS;
    }

    @Override
    public void enter(PullIndex index) {
        index.byKind(
                "webCall",
                event -> event instanceof Fact fact && fact.text("hook").equals(hook));
    }

    @Override
    public void check(Problems problems) {
        if (!hook.matches("[a-z0-9][a-z0-9-]{0,39}")) {
            problems.at("hook")
                    .add(
                            hook,
                            "A name of an address has small letters, digits and hyphens only.",
                            "Write one such as kiln.");
        }
    }
}
