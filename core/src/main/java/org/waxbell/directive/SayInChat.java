package org.waxbell.directive;

/** Write a line into the chat of a link, as the helper. @param text plain text */
public record SayInChat(String partRun, long meantFor, String link, String text) implements Directive {
}
