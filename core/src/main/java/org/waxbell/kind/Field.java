package org.waxbell.kind;

import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.waxbell.check.Problems;

/** One field of a kind: what its form asks, and what it may hold. A new one is made by changing another. */
public final class Field {
    private static final int LONGEST_TEXT = 500;

    /** What a field holds, and so how it is asked for. */
    public enum Type {
        /** A line of text. */
        TEXT,
        /** Text that a program reads, such as a pattern. */
        CODE,
        /** A key of the keyboard with its modifiers, such as {@code Alt+3}. */
        KEY,
        /** Text of several lines, such as a certificate. */
        LINES,
        /** What is written and never read again; it is kept apart, so nothing of its key stands in the record. */
        SECRET,
        /** Words for viewers, with values in braces. */
        WORDS,
        /** A whole number. */
        NUMBER,
        /** A time in milliseconds. */
        SPAN,
        /** Yes or no. */
        FLAG,
        /** One of several. */
        CHOICE,
        /** A list of texts. */
        MANY,
        /** A colour such as {@code #c8841a}. */
        COLOUR,
        /** A list of colours. */
        COLOURS,
        /** A file of the shelf. */
        FILE,
        /** A condition in CEL. */
        FORMULA,
        /** Something with a form of its own. */
        OTHER
    }

    /** When a field means anything: while another has one of some values. @param key of the other, with dots into what it holds */
    public record When(String key, List<String> values) {
        /** Always. */
        public static final When ALWAYS = new When("", List.of());

        public When {
            values = List.copyOf(values);
        }
    }

    /** What a text must look like. @param pattern of the whole @param wrong what is said where it does not @param remedy and what to do then */
    record Shape(String pattern, String wrong, String remedy) {}

    private final String key;
    private final Type type;
    private final String label;
    private String called;
    private String hint = "";
    private String unit = "";
    private long least = Long.MIN_VALUE;
    private long most = Long.MAX_VALUE;
    private boolean needed;
    private boolean orZero;
    private int width = 6;
    private From from = From.NOWHERE;
    private List<Choice> choices = List.of();
    private When when = When.ALWAYS;
    private String under = "";
    private @Nullable Shape shape;
    private List<String> over = List.of();

    private Field(String key, Type type, String label) {
        this.key = key;
        this.type = type;
        this.label = label;
        this.called = label;
    }

    private Field(Field other) {
        this(other.key, other.type, other.label);
        called = other.called;
        hint = other.hint;
        unit = other.unit;
        least = other.least;
        most = other.most;
        needed = other.needed;
        orZero = other.orZero;
        width = other.width;
        from = other.from;
        choices = other.choices;
        when = other.when;
        under = other.under;
        shape = other.shape;
        over = other.over;
    }

    /** A field of that type. @param key as documents name it @param label as forms name it */
    public static Field of(Type type, String key, String label) {
        return new Field(key, type, label);
    }

    /** A whole number from {@code least} to {@code most}. */
    public static Field number(String key, String label, long least, long most) {
        return of(Type.NUMBER, key, label).within(least, most);
    }

    /** A time from {@code least} to {@code most}, in milliseconds. */
    public static Field span(String key, String label, long least, long most) {
        return of(Type.SPAN, key, label).within(least, most);
    }

    /** Yes or no. */
    public static Field flag(String key, String label) {
        return of(Type.FLAG, key, label);
    }

    /** Words for viewers. */
    public static Field words(String key, String label) {
        return of(Type.WORDS, key, label).most(LONGEST_TEXT);
    }

    /** A line of at most {@code most} characters. */
    public static Field text(String key, String label, long most) {
        return of(Type.TEXT, key, label).most(most);
    }

    /** One of what is fixed. */
    public static Field choice(String key, String label, Choice... choices) {
        Field field = of(Type.CHOICE, key, label);
        field.choices = List.of(choices);
        return field;
    }

    /** One of what is there. */
    public static Field choice(String key, String label, From from) {
        Field field = of(Type.CHOICE, key, label);
        field.from = from;
        return field;
    }

    /** A file of the shelf. */
    public static Field file(String key, String label, From from) {
        Field field = of(Type.FILE, key, label);
        field.from = from;
        return field;
    }

    /** What is written and never read again, kept under that name. */
    public static Field secret(String key, String label) {
        return of(Type.SECRET, key, label);
    }

    /** A list of texts. */
    public static Field many(String key, String label) {
        return of(Type.MANY, key, label);
    }

    /** A colour. */
    public static Field colour(String key, String label) {
        return of(Type.COLOUR, key, label).needed();
    }

    private Field changed(Consumer<Field> how) {
        Field field = new Field(this);
        how.accept(field);
        return field;
    }

    /** The same with what errors call it, where that is not its label. */
    public Field called(String other) {
        return changed(field -> field.called = other);
    }

    /** The same with a line below it. */
    public Field hint(String other) {
        return changed(field -> field.hint = other);
    }

    /** The same in a unit: {@code %}, {@code px}, or a word. */
    public Field in(String other) {
        return changed(field -> field.unit = other);
    }

    /** The same with bounds of a number, both included. */
    public Field within(long from, long to) {
        return changed(field -> {
            field.least = from;
            field.most = to;
        });
    }

    /** The same with at most so many characters, or so many of a list. */
    public Field most(long to) {
        return changed(field -> field.most = to);
    }

    /** The same where it cannot be left empty. */
    public Field needed() {
        return changed(field -> field.needed = true);
    }

    /** The same where it may be left empty. */
    public Field optional() {
        return changed(field -> field.needed = false);
    }

    /** The same where 0 is allowed beside its bounds and means none. */
    public Field orZero() {
        return changed(field -> field.orZero = true);
    }

    /** The same as wide as so many sixths of a row. */
    public Field wide(int sixths) {
        return changed(field -> field.width = sixths);
    }

    /** The same with what may be taken over from there. */
    public Field from(From other) {
        return changed(field -> field.from = other);
    }

    /** The same where it only means something while another field has one of these values. */
    public Field when(String other, String... values) {
        return changed(field -> field.when = new When(other, List.of(values)));
    }

    /** The same under a heading that is folded away until it is wanted. */
    public Field under(String heading) {
        return changed(field -> field.under = heading);
    }

    /** The same where a text must look so unless it is empty, or each of a list. @param wrong what is said where it does not @param remedy and what to do then */
    public Field matching(String pattern, String wrong, String remedy) {
        return changed(field -> field.shape = new Shape(pattern, wrong, remedy));
    }

    /** The same where its colour must stand out from those of other fields, as far as these have one. */
    public Field over(String... others) {
        return changed(field -> field.over = List.of(others));
    }

    /** Its name in documents. */
    public String key() {
        return key;
    }

    /** What it holds. */
    public Type type() {
        return type;
    }

    /** Its name in forms. */
    public String label() {
        return label;
    }

    /** What errors call it. */
    public String called() {
        return called;
    }

    /** The line below it, empty text for none. */
    public String hint() {
        return hint;
    }

    /** Its unit, empty text for none. */
    public String unit() {
        return unit;
    }

    /** The least number; {@link Long#MIN_VALUE} for no bound. */
    public long least() {
        return least;
    }

    /** The greatest number, length or count; {@link Long#MAX_VALUE} for no bound. */
    public long most() {
        return most;
    }

    /** Whether it cannot be left empty. */
    public boolean isNeeded() {
        return needed;
    }

    /** Whether 0 is allowed beside its bounds. */
    public boolean isOrZero() {
        return orZero;
    }

    /** How many sixths of a row it takes. */
    public int width() {
        return width;
    }

    /** Where its choices come from. */
    public From from() {
        return from;
    }

    /** What it may be, where that is fixed. */
    public List<Choice> choices() {
        return choices;
    }

    /** When it means anything. */
    public When when() {
        return when;
    }

    /** The heading under which it is folded away, empty text for none. */
    public String under() {
        return under;
    }

    /** What its text, or each of its texts, must look like as a whole; empty text where anything will do. */
    public String pattern() {
        return shape == null ? "" : shape.pattern();
    }

    /** The fields from whose colours its own must stand out. */
    List<String> over() {
        return over;
    }

    /** What a text must look like, null where anything will do. */
    @Nullable
    Shape shape() {
        return shape;
    }

    /** Adds what is wrong with {@code value}, as far as that can be told from the field alone. */
    void check(Object value, Problems here) {
        new FieldCheck(this, here).check(value);
    }

    /** Whether {@code colour} is one such as {@code #c8841a}. */
    public static boolean isColour(String colour) {
        return colour.matches("#[0-9a-f]{6}");
    }
}
