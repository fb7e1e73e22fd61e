/** What is known of other broadcasters, and which of their clips is shown. */
@NullMarked
package org.waxbell.directory;

import org.jspecify.annotations.NullMarked;
