package org.waxbell.extension;

import java.util.List;

/**
 * How a script stands, as its people see it.
 *
 * @param runs    whether it hears anything now
 * @param why     why it does not, empty text where it does
 * @param halted  whether it was halted, and may be let go on
 * @param kept    how many characters it keeps
 * @param most    how many it may keep
 * @param missing what it asks for and has not been let do, in words
 */
public record ExtensionBoard(boolean runs, String why, boolean halted, int kept, int most, List<Permission> missing) {}
