/** Calendar rules. */
@NullMarked
package org.waxbell.app.calendar;

import org.jspecify.annotations.NullMarked;
