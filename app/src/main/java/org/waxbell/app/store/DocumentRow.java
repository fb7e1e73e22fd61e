package org.waxbell.app.store;

/** A document as it is stored. @param version counts its edits from 1 @param position its place in the list */
public record DocumentRow(String kind, String id, long version, int position, String json) {}
