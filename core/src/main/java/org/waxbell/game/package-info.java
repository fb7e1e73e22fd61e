/** Games of chance with stated odds: what may come, how likely, and what it pays is worked out from the very table that is played. */
@NullMarked
package org.waxbell.game;

import org.jspecify.annotations.NullMarked;
