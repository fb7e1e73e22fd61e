/** The proof that what rang could be seen and heard. */
@NullMarked
package org.waxbell.seen;

import org.jspecify.annotations.NullMarked;
