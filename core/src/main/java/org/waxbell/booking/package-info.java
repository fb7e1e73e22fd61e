/** Spots and outlets, what they do when busy, and the earliest start that fits. */
@NullMarked
package org.waxbell.booking;

import org.jspecify.annotations.NullMarked;
