/** How a kind of thing describes itself: one description from which bounds, schemas, forms, menus and labels are made. */
@NullMarked
package org.waxbell.kind;

import org.jspecify.annotations.NullMarked;
