/** Everything the host has wired, as one immutable value. */
@NullMarked
package org.waxbell.wiring;

import org.jspecify.annotations.NullMarked;
