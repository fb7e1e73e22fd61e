/** Cues, their pulls, takes and racks, and the immutable book in which the engine looks them up. */
@NullMarked
package org.waxbell.cue;

import org.jspecify.annotations.NullMarked;
