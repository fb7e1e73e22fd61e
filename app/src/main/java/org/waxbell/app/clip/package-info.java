/** Makes clips of what the mixer kept, keeps them on the shelf, and keeps marks. */
@NullMarked
package org.waxbell.app.clip;

import org.jspecify.annotations.NullMarked;
