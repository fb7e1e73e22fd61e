package org.waxbell.extension;

/**
 * Something that one can ask a script for.
 *
 * @param name  the act, as the script is told it
 * @param title what it does, as a button says it
 * @param word  the chat word that it begins with, empty text for none
 */
public record ScriptOffer(String name, String title, String word) {}
