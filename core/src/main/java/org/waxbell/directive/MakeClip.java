package org.waxbell.directive;

/** Keep the last seconds as a clip, and report its {@code address} and {@code title}. @param link the channel to keep it on, empty text for the home one */
public record MakeClip(String partRun, long meantFor, String link, int seconds, String title) implements Directive {}
