/** The first evening: the few steps from an empty folder to an open show, found done by themselves. */
@NullMarked
package org.waxbell.app.first;

import org.jspecify.annotations.NullMarked;
