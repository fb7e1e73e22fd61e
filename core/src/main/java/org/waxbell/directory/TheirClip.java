package org.waxbell.directory;

/** A clip of another broadcaster. @param id by which their directory knows it @param views how often it was seen @param made milliseconds since 1970 UTC @param lengthMs in milliseconds */
public record TheirClip(String id, String title, long views, long made, long lengthMs) {}
