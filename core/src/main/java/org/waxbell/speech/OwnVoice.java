package org.waxbell.speech;

/** A voice that one person has. @param name how the person is called @param voice its id, empty text for the usual one @param speed in percent @param pitch likewise */
public record OwnVoice(String name, String voice, int speed, int pitch) {}
