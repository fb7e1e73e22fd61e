package org.waxbell.directive;

/** End everything that is on air, on every stage, at once. */
public record HushAll(long meantFor) implements Directive {
    @Override
    public String partRun() {
        return "*";
    }
}
