/** Refusals of a document before it is saved: place, value, reason and remedy. */
@NullMarked
package org.waxbell.check;

import org.jspecify.annotations.NullMarked;
