/** The link to the broadcasting software. */
@NullMarked
package org.waxbell.app.mixer;

import org.jspecify.annotations.NullMarked;
