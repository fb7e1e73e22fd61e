package org.waxbell.directive;

/** Note this moment of the show. @param words why, plain text, empty text for no reason @param by the name of who wants it, empty text for nobody */
public record SetMark(String partRun, long meantFor, String words, String by) implements Directive {
    @Override
    public Wave wave() {
        return Wave.DONE;
    }
}
