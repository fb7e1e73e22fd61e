/** What the engine tells an adapter to do, with the moment it is meant for. */
@NullMarked
package org.waxbell.directive;

import org.jspecify.annotations.NullMarked;
