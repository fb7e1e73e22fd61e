package org.waxbell.directive;

/**
 * Let other outlets of a stage sound quieter for a while.
 *
 * @param lengthMs how long, in milliseconds
 * @param outlet   the outlet that is made quieter
 * @param percent  of its own loudness
 */
public record Quieten(String partRun, long meantFor, long lengthMs, String stage, String outlet, int percent)
        implements Directive, StageDirective {}
