/** The shelf's files, by their content. */
@NullMarked
package org.waxbell.app.media;

import org.jspecify.annotations.NullMarked;
