/** Connections to the outside: which there are, how each is doing, and what depends on them. */
@NullMarked
package org.waxbell.app.link;

import org.jspecify.annotations.NullMarked;
