/** What was decided and why, in a form that reads as sentences. */
@NullMarked
package org.waxbell.journal;

import org.jspecify.annotations.NullMarked;
