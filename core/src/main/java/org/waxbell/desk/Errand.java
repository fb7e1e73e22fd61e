package org.waxbell.desk;

import org.waxbell.act.Asking;

/**
 * What a desk asks another for.
 *
 * @param mark handed back with what would undo it, once it was done; empty text where nobody wants to know
 */
public record Errand(Asking asking, String mark) {}
