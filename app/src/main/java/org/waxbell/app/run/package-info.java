/** The engine's loop: one thread, the system clock, the way out for directives. */
@NullMarked
package org.waxbell.app.run;

import org.jspecify.annotations.NullMarked;
