/** The secret addresses of stages. */
@NullMarked
package org.waxbell.app.address;

import org.jspecify.annotations.NullMarked;
