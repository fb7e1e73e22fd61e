/** What is kept of people beside the evening: who is in which circle by that, and whom the host wishes to be forgotten. */
@NullMarked
package org.waxbell.app.people;

import org.jspecify.annotations.NullMarked;
