/** Standing jobs: facts in, facts out. A desk knows neither the engine nor the other desks. */
@NullMarked
package org.waxbell.desk;

import org.jspecify.annotations.NullMarked;
