package org.waxbell.score;

import java.util.Optional;
import org.waxbell.directive.Directive;
import org.waxbell.directive.Switch;
import org.waxbell.event.Target;
import org.waxbell.shelf.Media;
import org.waxbell.shelf.Shelf;

/**
 * Switches a target for a while and puts it back, or for good.
 *
 * @param value    how it is to stand: the name of a scene, {@code shown} or {@code hidden}, {@code off} or a colour, {@code on} or {@code off}
 * @param lengthMs how long, in milliseconds; not looked at where it stays
 * @param stay     whether it stays so
 */
public record SwitchPart(String id, Anchor start, long lengthMs, Target target, String value, boolean stay, Manner manner) implements Part {
    private static final long LONGEST = 3_600_000;

    @Override
    public Lane lane() {
        return switch (target.kind()) {
            case SCENE, SOURCE -> Lane.MIXER;
            case LAMP -> Lane.ROOM;
            case RACK -> Lane.BOOKS;
        };
    }

    @Override
    public Settled settle(Shelf shelf, Draws draws) {
        return manner.toEnd() && !stay ? Settled.open(LONGEST, Media.NONE) : Settled.fixed(stay ? 0 : lengthMs, Media.NONE);
    }

    @Override
    public Optional<Target> holds() {
        return stay ? Optional.empty() : Optional.of(target);
    }

    @Override
    public Directive direct(Telling telling) {
        return new Switch(telling.partRun(), telling.meantFor(), target, value, stay);
    }

    @Override
    public String label(Telling telling) {
        return target.inWords() + ": " + value;
    }

    @Override
    public void check(PartCheck check) {
        var problems = check.problems();
        if (!stay && !manner.toEnd()) {
            problems.at("lengthMs").time(lengthMs, 100, LONGEST, "The time");
        }
        problems.at("value").text(value, 80, "The value");
        if (target.kind() != Target.Kind.SCENE) {
            problems.at("target").at("name").text(target.name(), 80, "The name");
        }
        String allowed = switch (target.kind()) {
            case SOURCE -> "shown|hidden";
            case RACK -> "on|off";
            case LAMP -> "off|#[0-9a-fA-F]{6}";
            case SCENE -> ".*";
        };
        if (!value.matches(allowed)) {
            problems.at("value").add(value, target.inWords() + " cannot be switched to that.", "Write " + switch (target.kind()) {
                case SOURCE -> "shown or hidden.";
                case RACK -> "on or off.";
                default -> "off, or a colour such as #c8841a.";
            });
        }
        if (target.kind() == Target.Kind.RACK && !check.hasRack(target.name())) {
            problems.at("target").at("name").add(target.name(), "There is no such rack.", "Choose one that is in the list.");
        }
    }
}
