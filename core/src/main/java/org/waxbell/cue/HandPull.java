package org.waxbell.cue;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.waxbell.actor.Actor;
import org.waxbell.check.Problems;
import org.waxbell.event.Fact;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Said;

/**
 * Sets the cue off by hand.
 *
 * @param button words on its button, empty text for no button
 * @param key    a key with modifiers, such as {@code Alt+3} or {@code F6}, empty text for none
 */
public record HandPull(String button, String key) implements Pull {
    /** What it says of itself. */
    public static final Kind<Pull> KIND = Kind.<Pull>of(HandPull.class, "hand", "I press a button or a key", "By hand")
            .also("hotkey press")
            .with(
                    Field.text("button", "On the button", 24).called("The words on the button"),
                    Field.of(Field.Type.KEY, "key", "Key").hint("Press it here, such as Alt+3 or F6."))
            .making(on -> new HandPull("Ring it", ""));

    private static final String KEYS =
            "((Ctrl\\+)?(Alt\\+)?(Shift\\+)?F([1-9]|1[0-9]|2[0-4]))|((Ctrl\\+Alt|Ctrl|Alt)\\+(Shift\\+)?[A-Z0-9])";
    /** Keys that the console, or any page, has for itself. */
    private static final Set<String> OWN = Set.of(
            "Ctrl+Z",
            "Ctrl+Shift+Z",
            "Ctrl+Y",
            "Ctrl+K",
            "Ctrl+C",
            "Ctrl+V",
            "Ctrl+X",
            "Ctrl+A",
            "Ctrl+T",
            "Ctrl+W",
            "Ctrl+N",
            "Ctrl+R",
            "F5");

    /** What happens when somebody presses the button of a cue; empty where it has neither a button nor a key. */
    public static Optional<Fact> pressed(Cue cue, Actor by) {
        return of(cue).map(pull -> pull.pressed(cue.id(), by));
    }

    /** The button of a cue, the first where there are several; empty where it has none. */
    public static Optional<HandPull> of(Cue cue) {
        return cue.pulls().stream()
                .filter(HandPull.class::isInstance)
                .map(HandPull.class::cast)
                .findFirst();
    }

    private Fact pressed(String cue, Actor by) {
        return Facts.HAND.by(by, cue, button.isEmpty() ? key : button);
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public Said said(Naming names) {
        return Said.of("I press "
                + Said.either(
                        Stream.of(button, key).filter(each -> !each.isEmpty()).toList()));
    }

    @Override
    public ShowEvent sample(Sampling on) {
        return pressed(on.cue(), Actor.HOST);
    }

    @Override
    public Set<String> fields() {
        return Set.of();
    }

    @Override
    public void enter(PullIndex index) {
        String cue = index.cueId();
        index.byKind(
                "hand", event -> event instanceof Fact fact && fact.text("cue").equals(cue));
    }

    @Override
    public void check(Problems problems) {
        if (button.isEmpty() && key.isEmpty()) {
            problems.at("button")
                    .add(
                            "",
                            "There is neither a button nor a key.",
                            "Write what stands on the button, or choose a key.");
        }
        KIND.check(this, problems);
        if (!key.isEmpty() && !key.matches(KEYS)) {
            problems.at("key")
                    .add(key, "This is not a key with its modifiers.", "Write one such as Alt+3, Ctrl+Shift+B or F6.");
        } else if (OWN.contains(key)) {
            problems.at("key").add(key, "The console has this key for itself.", "Choose another, such as Alt+3.");
        }
    }
}
