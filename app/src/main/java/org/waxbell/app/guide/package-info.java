/** The guide within the program, and notes of others, as HTML that can do no harm. */
@NullMarked
package org.waxbell.app.guide;

import org.jspecify.annotations.NullMarked;
