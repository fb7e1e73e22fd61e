/** Wheels: weighted segments, of which one is drawn. */
@NullMarked
package org.waxbell.wheel;

import org.jspecify.annotations.NullMarked;
