package org.waxbell.prize;

/**
 * Somebody who entered.
 *
 * @param person identity
 * @param number in the order of entry, from 1 on
 * @param lots   how many they have
 * @param paid   for them, in points
 */
public record Entrant(String person, String name, int number, int lots, long paid) {}
