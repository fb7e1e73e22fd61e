package org.waxbell.app.wiring;

/** Is told that other documents are in force; it must not block. */
@FunctionalInterface
public interface WiringWatcher {
    /** Other documents are in force. */
    void wiringChanged();
}
