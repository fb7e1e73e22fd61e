package org.waxbell.voice;

/** A voice. @param id as wirings name it @param name as people call it @param language its tongue by BCP 47, such as {@code en} @param by what makes it, in words */
public record Voice(String id, String name, String language, String by) {}
