/**
 * A small program of its own that stands between Wax Bell and a program that does not speak the mixer link: changes become messages of
 * Open Sound Control or keys, and what it hears becomes news of the mixer. Whoever writes another bridge, in whatever language,
 * reads this one beside {@code docs/formats/mixer-link.md}.
 */
package org.waxbell.bridge;
