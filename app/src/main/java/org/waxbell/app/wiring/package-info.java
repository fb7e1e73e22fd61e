/** The wiring in force: reading, editing, undoing. */
@NullMarked
package org.waxbell.app.wiring;

import org.jspecify.annotations.NullMarked;
