/** The mixer link's protocol: JSON-RPC over a WebSocket, with the password proved and never sent. */
@NullMarked
package org.waxbell.app.rpc;

import org.jspecify.annotations.NullMarked;
