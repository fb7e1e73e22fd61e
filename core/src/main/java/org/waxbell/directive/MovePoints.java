package org.waxbell.directive;

/** Give the viewer who rang points, or take them. @param amount negative to take */
public record MovePoints(String partRun, long meantFor, long amount) implements BookDirective {
    @Override
    public void perform(Books books) {
        books.move(this);
    }
}
