/** The voice as a desk: what is said how, for whom not, and in whose voice. */
@NullMarked
package org.waxbell.speech;

import org.jspecify.annotations.NullMarked;
