/** Ready-made pieces: what they ask before they come, and how they will look, played by the engine itself. */
@NullMarked
package org.waxbell.ready;

import org.jspecify.annotations.NullMarked;
