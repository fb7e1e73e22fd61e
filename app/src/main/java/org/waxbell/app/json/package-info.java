/** Documents and messages as JSON. */
@NullMarked
package org.waxbell.app.json;

import org.jspecify.annotations.NullMarked;
