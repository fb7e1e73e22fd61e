/** The wall clock. */
@NullMarked
package org.waxbell.app.clock;

import org.jspecify.annotations.NullMarked;
