/** Films: pictures and sound made into WebM, and WebM cut where nothing has to be made anew. */
@NullMarked
package org.waxbell.app.film;

import org.jspecify.annotations.NullMarked;
