/** Task lists: kept, named lists of things to do, to which viewers and the host write. */
@NullMarked
package org.waxbell.tasks;

import org.jspecify.annotations.NullMarked;
