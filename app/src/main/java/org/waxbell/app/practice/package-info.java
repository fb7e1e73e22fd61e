/** The practice channel and the practice mixer. */
@NullMarked
package org.waxbell.app.practice;

import org.jspecify.annotations.NullMarked;
