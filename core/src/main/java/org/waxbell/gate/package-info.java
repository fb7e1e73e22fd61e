/** The checks between a pull and the score, one small class each, asked in a fixed order. */
@NullMarked
package org.waxbell.gate;

import org.jspecify.annotations.NullMarked;
