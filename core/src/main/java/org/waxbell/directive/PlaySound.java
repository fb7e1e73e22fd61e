package org.waxbell.directive;

/**
 * Play a sound on an outlet of a stage.
 *
 * @param lengthMs length of the sound in milliseconds
 * @param media    hash of the sound
 * @param volume   loudness in percent of the file's own, 0 to 100
 */
public record PlaySound(
        String partRun, long meantFor, long lengthMs, String stage, String outlet, String media, int volume)
        implements Directive, StageDirective {}
