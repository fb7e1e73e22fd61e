package org.waxbell.cue;

import java.util.Set;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;

/** Sets the cue off when a secret address is called. @param hook the name of the address, small letters, digits, hyphens */
public record WebPull(String hook) implements Pull {
    private static final Set<String> FIELDS = Set.of("hookName", "hookText");

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
