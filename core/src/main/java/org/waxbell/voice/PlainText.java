package org.waxbell.voice;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.text.Normalizer2;

/** Text without what cannot be said: control signs, marks heaped on one letter, and spaces beside spaces. */
final class PlainText {
    private static final int MOST_MARKS = 2;
    private static final int MARKS =
            1 << Character.NON_SPACING_MARK | 1 << Character.ENCLOSING_MARK | 1 << Character.COMBINING_SPACING_MARK;
    private static final int UNSEEN = 1 << Character.CONTROL
            | 1 << Character.FORMAT
            | 1 << Character.SURROGATE
            | 1 << Character.PRIVATE_USE
            | 1 << Character.UNASSIGNED;

    private PlainText() {}

    static String of(String text) {
        StringBuilder plain = new StringBuilder();
        int marks = 0;
        boolean space = true;
        String composed = Normalizer2.getNFCInstance().normalize(text);
        for (int at = 0; at < composed.length(); ) {
            int sign = composed.codePointAt(at);
            at += Character.charCount(sign);
            int type = 1 << UCharacter.getType(sign);
            boolean mark = (type & MARKS) != 0;
            marks = mark ? marks + 1 : 0;
            if (UCharacter.isUWhiteSpace(sign)) {
                plain.append(space ? "" : " ");
                space = true;
            } else if ((type & UNSEEN) == 0 && marks <= MOST_MARKS) {
                plain.appendCodePoint(sign);
                space = false;
            }
        }
        return plain.toString().strip();
    }
}
