/** What is remembered, as data: books of entries, and changes to them. */
@NullMarked
package org.waxbell.state;

import org.jspecify.annotations.NullMarked;
