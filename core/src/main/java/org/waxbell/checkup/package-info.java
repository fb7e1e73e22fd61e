/** Check-up: what in a wiring can go wrong on air, found before the evening. */
@NullMarked
package org.waxbell.checkup;

import org.jspecify.annotations.NullMarked;
