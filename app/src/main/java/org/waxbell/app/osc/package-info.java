/** Links to desks that speak Open Sound Control 1.0. */
@NullMarked
package org.waxbell.app.osc;

import org.jspecify.annotations.NullMarked;
