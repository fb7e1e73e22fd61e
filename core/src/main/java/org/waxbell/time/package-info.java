/** Moments and spans of time; nothing here reads the wall clock. */
@NullMarked
package org.waxbell.time;

import org.jspecify.annotations.NullMarked;
