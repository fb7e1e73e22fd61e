/** Points that are earned, given and taken: by presence, lines and events, between viewers, and by staff. */
@NullMarked
package org.waxbell.earning;

import org.jspecify.annotations.NullMarked;
