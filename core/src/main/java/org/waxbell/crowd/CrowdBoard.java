package org.waxbell.crowd;

/** How a crowd stands, for its host. @param face what viewers see @param presses how many there were in this show @param players how many pressed lately */
public record CrowdBoard(CrowdFace face, long presses, int players) {}
