/** What the outside must offer to the engine; adapters implement it. */
@NullMarked
package org.waxbell.port;

import org.jspecify.annotations.NullMarked;
