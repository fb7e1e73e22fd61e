package org.waxbell.directive;

import org.waxbell.look.Look;

/**
 * Show a card on a spot of a stage, and take it away again when its time is up.
 *
 * @param lengthMs time on screen in milliseconds, easing in and out included
 * @param entryMs  part of it spent coming in
 * @param exitMs   part of it spent going out
 * @param look     how it looks and moves
 * @param title    the large line, plain text
 * @param words    the line below it, plain text
 * @param picture  hash of its picture, empty text for none
 * @param portrait name of the viewer whose portrait stands there, empty text for none
 */
public record ShowCard(
        String partRun,
        long meantFor,
        long lengthMs,
        String stage,
        String spot,
        Look look,
        String title,
        String words,
        String picture,
        String portrait,
        long entryMs,
        long exitMs)
        implements Directive, StageDirective {}
