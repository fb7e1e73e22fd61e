package org.waxbell.words;

/** Fills words that may not be valid yet: a pattern that cannot be read is left as it stands, and so is a value without a sample. */
public final class SampleWords extends WordBook {
    @Override
    Wording compile(String pattern) {
        return Wording.sample(pattern);
    }
}
