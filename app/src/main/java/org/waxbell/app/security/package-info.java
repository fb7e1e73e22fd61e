/** What every answer carries and whom it is given to. */
@NullMarked
package org.waxbell.app.security;

import org.jspecify.annotations.NullMarked;
