/** Joins what pages painted with how the mixer stood meanwhile. */
@NullMarked
package org.waxbell.app.seen;

import org.jspecify.annotations.NullMarked;
