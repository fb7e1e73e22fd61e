/** Lamps and plugs: how they stand, what they are asked to do, and how one that is reached by a broker is spoken to. */
@NullMarked
package org.waxbell.room;

import org.jspecify.annotations.NullMarked;
