package org.waxbell.voice;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.RuleBasedNumberFormat;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Text as it is read: names without strokes, numbers and amounts in words, emoji by their names, and what is short in full. */
public final class ReadAloud {
    private static final Pattern MONEY = Pattern.compile("([€£$])\\s?(\\d{1,12})(?:[.,](\\d{2}))?(?!\\d)");
    private static final Pattern CLOCK = Pattern.compile("\\b([01]?\\d|2[0-3]):([0-5]\\d)\\b");
    private static final Pattern NUMBER =
            Pattern.compile("(?<![\\p{L}\\d])-?\\d{1,3}(?:,\\d{3})+(?!\\d)|-?\\d+(?:\\.\\d+)?");
    private static final Pattern LETTER_DIGIT = Pattern.compile("(?<=\\p{L})(?=\\d)|(?<=\\d)(?=\\p{L}{3,})");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}_][\\p{L}\\p{N}_.'-]*");
    private static final int LONGEST_NUMBER = 12;
    private static final Map<String, String> COINS = Map.of("€", "euro", "£", "pound", "$", "dollar");
    private static final Map<String, String> SHORT = Map.ofEntries(
            Map.entry("brb", "be right back"),
            Map.entry("btw", "by the way"),
            Map.entry("imo", "in my opinion"),
            Map.entry("idk", "I don't know"),
            Map.entry("afk", "away"),
            Map.entry("ty", "thank you"),
            Map.entry("thx", "thanks"),
            Map.entry("pls", "please"),
            Map.entry("plz", "please"),
            Map.entry("np", "no problem"),
            Map.entry("omg", "oh my"),
            Map.entry("lol", "laughing"),
            Map.entry("vs", "versus"),
            Map.entry("etc", "and so on"),
            Map.entry("e.g", "for example"),
            Map.entry("i.e", "that is"));

    private ReadAloud() {}

    /** The text as it is read. @param language of the voice by BCP 47; numbers are written out in it, what is English only for English @param spelled how names are said, by their keys in small letters */
    public static String of(String text, String language, Map<String, String> spelled) {
        boolean english = language.startsWith("en");
        String named = WORD.matcher(text).replaceAll(found -> quoted(word(found.group(), english, spelled)));
        String plain = emoji(named.replace('_', ' '), english);
        if (english) {
            plain = MONEY.matcher(plain).replaceAll(found -> quoted(money(found)));
            plain = CLOCK.matcher(plain).replaceAll("$1 $2");
            plain = plain.replace("%", " percent").replace("&", " and ").replace("+", " plus ");
        }
        plain = LETTER_DIGIT.matcher(plain).replaceAll(" ");
        RuleBasedNumberFormat inWords =
                new RuleBasedNumberFormat(Locale.forLanguageTag(language), RuleBasedNumberFormat.SPELLOUT);
        plain = NUMBER.matcher(plain).replaceAll(found -> quoted(number(found.group(), inWords)));
        return plain.replaceAll("[*~^#|\\\\<>{}\\[\\]`=@]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String quoted(String text) {
        return java.util.regex.Matcher.quoteReplacement(text);
    }

    private static String word(String word, boolean english, Map<String, String> spelled) {
        String bare = word.replaceFirst("[.'-]+$", "");
        String key = bare.toLowerCase(Locale.ROOT);
        String said = spelled.getOrDefault(key, english ? SHORT.getOrDefault(key, bare) : bare);
        return said + word.substring(bare.length());
    }

    private static String money(MatchResult found) {
        String coin = COINS.getOrDefault(found.group(1), "");
        return found.group(2) + " " + coin + (found.group(2).equals("1") ? "" : "s")
                + (found.group(3) == null || found.group(3).equals("00") ? "" : " " + found.group(3));
    }

    /** Written out; what is too long for that digit by digit. */
    private static String number(String number, RuleBasedNumberFormat inWords) {
        String bare = number.replace(",", "");
        if (bare.length() > LONGEST_NUMBER || bare.matches("0\\d+")) {
            return String.join(" ", bare.split(""));
        }
        // Long words have places for hyphens, which nobody says.
        return inWords.format(Double.parseDouble(bare)).replace("\u00ad", "");
    }

    /** Emoji by their names, each once where it stands several times in a row; other tongues leave them out. */
    private static String emoji(String text, boolean english) {
        StringBuilder read = new StringBuilder();
        int before = 0;
        for (int at = 0; at < text.length(); ) {
            int sign = text.codePointAt(at);
            at += Character.charCount(sign);
            boolean picture = sign > 0x2000 && UCharacter.hasBinaryProperty(sign, UProperty.EXTENDED_PICTOGRAPHIC);
            if (picture) {
                String name = UCharacter.getName(sign);
                read.append(
                        english && sign != before && name != null ? ", " + name.toLowerCase(Locale.ROOT) + ", " : " ");
                before = sign;
            } else if (!UCharacter.hasBinaryProperty(sign, UProperty.EMOJI_MODIFIER)
                    && sign != 0xFE0F
                    && sign != 0x200D) {
                read.appendCodePoint(sign);
                before = sign == ' ' ? before : 0;
            }
        }
        return read.toString().replaceAll("(, )+(?=[,.!?]|$)|^(, )+", "").replaceAll("(, ){2,}", ", ");
    }
}
