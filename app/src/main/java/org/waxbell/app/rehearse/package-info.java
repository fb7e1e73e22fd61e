/** Rehearsals as people start them: scripts in and out, runs with progress, the command line. */
@NullMarked
package org.waxbell.app.rehearse;

import org.jspecify.annotations.NullMarked;
