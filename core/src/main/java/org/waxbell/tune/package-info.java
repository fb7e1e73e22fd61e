/** Tunes that viewers ask for, and the fallback list that plays when nobody does. */
@NullMarked
package org.waxbell.tune;

import org.jspecify.annotations.NullMarked;
