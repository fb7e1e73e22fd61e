package org.waxbell.app.security;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.waxbell.actor.Right;
import org.waxbell.check.Problems;

/**
 * Somebody who helps the host from another computer, with an account of their own.
 *
 * @param id          how it is kept
 * @param name        by which they sign in, and which the journal names
 * @param rights      what they may do, of {@link #GRANTED}
 * @param desks       places of the desks that they may ask
 * @param cues        ids of the cues whose buttons they may press
 * @param passphrase  as Argon2 has it, empty text until they chose one
 * @param invitation  SHA-256 of the word in their invitation, empty text for none
 * @param invitedUntil until when that counts, milliseconds since 1970 UTC
 */
public record Helper(
        String id,
        String name,
        Set<Right> rights,
        List<String> desks,
        List<String> cues,
        String passphrase,
        String invitation,
        long invitedUntil) {
    /** What the host may let somebody do; settings and secrets are never among it. */
    public static final Set<Right> GRANTED =
            EnumSet.of(Right.APPROVE, Right.ASK, Right.PRESS, Right.SAY, Right.MARK, Right.HUSH);

    /** Whoever was taken away while they asked. */
    static final Helper NOBODY = new Helper("", "", Set.of(), List.of(), List.of(), "", "", 0);

    private static final int LONGEST_NAME = 40;
    private static final int MOST = 200;

    public Helper {
        rights = Set.copyOf(rights);
        desks = List.copyOf(desks);
        cues = List.copyOf(cues);
    }

    /** Whether they may do that. */
    boolean may(Right right) {
        return right == Right.WATCH || rights.contains(right);
    }

    /** Why they may not ask that desk, as a sentence; empty where they may. */
    public Optional<String> askRefused(String about) {
        return desks.contains(about) ? Optional.empty() : Optional.of("You may not run " + about + ".");
    }

    /** Why they may not press that cue's button, likewise. */
    public Optional<String> pressRefused(String cue) {
        return cues.contains(cue) ? Optional.empty() : Optional.of("You may not press " + cue + ".");
    }

    /** The same with other rights. */
    Helper allowed(String called, Set<Right> may, List<String> ask, List<String> press) {
        return new Helper(id, called, may, ask, press, passphrase, invitation, invitedUntil);
    }

    /** The same, invited anew; until they chose another passphrase the old one holds. */
    Helper invited(String word, long until) {
        return new Helper(id, name, rights, desks, cues, passphrase, word, until);
    }

    /** The same, with a passphrase of their own; the invitation is spent. */
    Helper with(String chosen) {
        return new Helper(id, name, rights, desks, cues, chosen, "", 0);
    }

    void check(Problems problems, List<Helper> others) {
        problems.at("name").text(name, LONGEST_NAME, "The name");
        if (others.stream()
                .anyMatch(each -> !each.id().equals(id) && each.name().equalsIgnoreCase(name))) {
            problems.at("name").add(name, "Another helper is called so.", "Give them another name.");
        }
        rights.stream()
                .filter(each -> !GRANTED.contains(each))
                .forEach(each ->
                        problems.at("rights").add(each, "That is the host’s alone.", "Choose of " + GRANTED + "."));
        if (desks.size() > MOST || cues.size() > MOST) {
            problems.at("desks").add(desks.size() + cues.size(), "That is too many.", "Keep it to " + MOST + ".");
        }
    }
}
