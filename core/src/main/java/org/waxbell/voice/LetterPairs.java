package org.waxbell.voice;

import java.util.List;

/**
 * How rarely one letter follows another, counted over the words of English prose and talk. A row is what comes first (the beginning
 * of a word, then a to z), a column what follows (a to z, then its end); a sign is a quarter of a bit, 0 to 9, A to Z, a to z.
 */
final class LetterPairs {
    private static final String DIGITS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz";
    private static final String LETTERS = "abcdefghijklmnopqrstuvwxyz";
    private static final List<String> ROWS = List.of(
            "FJEHJIJLINNIGLLFTHEHMNLTUUz",
            "VKGIVSLTJaODICZJbCGCMOTUPXH",
            "DTORCVQVDOWBPWETeGHOEbcVPWF",
            "EYMUDbVCJfGISXARZKNEKWZaSYE",
            "GRSO9TQWCWUNRTHWfJKSKUVdSf7",
            "KSIFNOOXQaWIKDSNTAEIVOTKRbA",
            "FaTRDFWbAgcIRWCVfFLJGgWYOgC",
            "HWQVATOJFcgJNIHQfEJPJZXeUX7",
            "AYcT9YUbCeWQONCVbIPJKcUaOeB",
            "IIFKIMKdaaRHJ9EMaLFEWKfRcQI",
            "ARMMCSSVIVQRQPAJTOKTDSRXTWD",
            "EPSQARRNEVSMRLGRaNGNKZVYQV8",
            "DUTLATSbAeUEUZFUdXLKKSbbIZA",
            "9KRRAWYdDbYPJUFEcVKTJaZYSjD",
            "HXHFFODWHWQRUNIVjWEBOPbdSYA",
            "QNJJRPMVPWQGG9KIlBIKIKKVUZG",
            "DbPSBXTJIZTETUEHfBMHKaZfPfD",
            "XPTQVVUUNUXIRVWSSQOK3NWSTWA",
            "DUML9TObDgQPLMEQiNHHNRYjLbB",
            "KaKUDTZJFcNPRUIKWVGBKVVgPY7",
            "FYPUATaHAcWPUXFTkFILMeUbLYA",
            "IIILHPLZIaRFHCVJjDECYWZRXTI",
            "BZPW5SReAaaSOUIWfRRRTXbWYcC",
            "AXPQBVWHBZUKSHFScJHSTcSXWcC",
            "JSGODRaSFZXTLWPCbZOCTWWMMV7",
            "IRQUKYOZLcVOJJLGePGNRYRbWW3",
            "CQXV9XYKDYTKLRIUVQQOMUTUMJ9");

    private LetterPairs() {}

    /** What a word tells in all, in quarters of a bit; there is one pair more than it has letters. @param word of small letters a to z */
    static long quarters(String word) {
        long all = 0;
        int before = 0;
        for (int i = 0; i <= word.length(); i++) {
            int letter = i == word.length() ? LETTERS.length() : LETTERS.indexOf(word.charAt(i));
            all += DIGITS.indexOf(ROWS.get(before).charAt(letter));
            before = letter + 1;
        }
        return all;
    }
}
