package org.waxbell.directive;

/** A directive that the engine carries out itself, in its own books; no adapter is told. */
public sealed interface BookDirective extends Directive permits WriteSlate, MovePoints, Switch {
    /** Has it done by {@code books}. */
    void perform(Books books);

    /** Where it is done. */
    interface Books {
        /** Writes a value of the slate. */
        void write(WriteSlate write);

        /** Moves points. */
        void move(MovePoints move);

        /** Switches a target. */
        void hold(Switch hold);
    }
}
