package org.waxbell.voice;

import java.util.List;

/** Every rule by which a text is looked at, one line each; they are asked in this order, each on what the one before it left. */
public final class TextRules {
    /** The rules. */
    public static final List<TextRule> ALL = List.of(
            new LinkRule(),
            new SignsRule(),
            new RepeatsRule(),
            new SenselessRule(),
            new UnwelcomeRule(),
            new LengthRule());

    private TextRules() {}
}
