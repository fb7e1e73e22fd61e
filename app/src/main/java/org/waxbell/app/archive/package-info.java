/** ZIP files that come from outside, of which nothing is trusted. */
@NullMarked
package org.waxbell.app.archive;

import org.jspecify.annotations.NullMarked;
