/** What other computers are sent is encrypted: the certificate by which they know this one, and the door behind which it stands. */
@NullMarked
package org.waxbell.app.tls;

import org.jspecify.annotations.NullMarked;
