/** Asks directories who broadcasters are, apart from the engine, and keeps what they told for a while. */
@NullMarked
package org.waxbell.app.directory;

import org.jspecify.annotations.NullMarked;
