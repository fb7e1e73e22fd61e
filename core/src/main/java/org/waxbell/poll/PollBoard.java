package org.waxbell.poll;

/** How a poll stands, for its host. @param face what viewers see @param voters how many voted @param paid by them all, in points @param result in words, empty text while it goes or before the first */
public record PollBoard(PollFace face, int voters, long paid, String result) {}
