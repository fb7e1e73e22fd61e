/** The link to the lamps and plugs of the room. */
@NullMarked
package org.waxbell.app.room;

import org.jspecify.annotations.NullMarked;
