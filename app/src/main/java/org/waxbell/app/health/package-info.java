/** How the program itself does: vital signs in words, figures for those who collect them, and a file for whoever is asked for help. */
@NullMarked
package org.waxbell.app.health;

import org.jspecify.annotations.NullMarked;
