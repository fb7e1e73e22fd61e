/** What waits for the engine, and what is told of what it did. */
@NullMarked
package org.waxbell.app.inbox;

import org.jspecify.annotations.NullMarked;
