/** Rehearsal: script in, report out, over the very same engine in virtual time. */
@NullMarked
package org.waxbell.rehearsal;

import org.jspecify.annotations.NullMarked;
