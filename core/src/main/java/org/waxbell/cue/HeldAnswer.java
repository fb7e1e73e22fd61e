package org.waxbell.cue;

/**
 * What a cue says in chat when a gate holds it; without one it stays silent.
 *
 * @param gate  kind of gate, such as {@code cooldown}
 * @param words pattern of words; {@code {reason}} is what the gate said
 */
public record HeldAnswer(String gate, String words) {}
