package org.waxbell.directive;

/** End a part on a stage before its time. */
public record EndPart(String partRun, long meantFor, String stage) implements Directive {}
