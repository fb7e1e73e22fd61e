/** Tunes that there are: where they come from, and which one is meant by a link or by words. */
@NullMarked
package org.waxbell.catalogue;

import org.jspecify.annotations.NullMarked;
