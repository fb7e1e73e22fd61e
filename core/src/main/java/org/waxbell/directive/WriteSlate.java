package org.waxbell.directive;

/** Write a value of the slate. @param add whether {@code text} is a number to add @param clear whether it is as at the start again */
public record WriteSlate(String partRun, long meantFor, String value, boolean add, boolean clear, String text)
        implements BookDirective {
    @Override
    public void perform(Books books) {
        books.write(this);
    }
}
