package org.waxbell.directive;

import org.waxbell.fixture.Face;

/** A fixture shows something else from now on. */
public record SetFace(long meantFor, String stage, String fixture, Face face) implements Directive {
    @Override
    public String partRun() {
        return "";
    }
}
