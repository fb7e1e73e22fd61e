/** Turns: who waits, who is up, who was, by rules that the host wrote; every step is worked out from what was before it. */
@NullMarked
package org.waxbell.turns;

import org.jspecify.annotations.NullMarked;
