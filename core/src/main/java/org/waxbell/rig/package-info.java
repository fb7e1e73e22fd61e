/** The dipping rig: a small game that keys steer, and that has an order to fill. */
@NullMarked
package org.waxbell.rig;

import org.jspecify.annotations.NullMarked;
