/** Puts the engine and the desks together. A newcomer starts reading here. */
@NullMarked
package org.waxbell.show;

import org.jspecify.annotations.NullMarked;
