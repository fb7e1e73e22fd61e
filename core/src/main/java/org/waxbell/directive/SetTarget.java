package org.waxbell.directive;

import org.waxbell.event.Target;

/** Let a target outside stand so. @param partRun the part that wants it, or whose end put it back */
public record SetTarget(String partRun, long meantFor, Target target, String value) implements Directive {
}
