package org.waxbell.extension;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.waxbell.act.Act;
import org.waxbell.act.ActField;
import org.waxbell.act.DeskSheet;
import org.waxbell.check.Problems;
import org.waxbell.event.ChatLine;
import org.waxbell.event.FactKind;
import org.waxbell.event.Facts;
import org.waxbell.event.ShowEvent;
import org.waxbell.kind.Field;
import org.waxbell.kind.Kind;
import org.waxbell.kind.Records;
import org.waxbell.sentence.Naming;
import org.waxbell.sentence.Piece;
import org.waxbell.sentence.Pieces;

/**
 * A script that the host lets in: its code, what it asks for, and what it was let do.
 *
 * @param on       whether it is run; it begins off, so that it is looked at first
 * @param version  the version that whoever wrote it gave it
 * @param about    what it is for, in a sentence
 * @param hears    what it hears: {@value #LINES}, and facts by their names
 * @param offers   what one can ask it for
 * @param asks     what it wants to be let do
 * @param agreed   what of that it is let do; it is run only where that is all of it
 * @param calls    the links of the addresses that it calls, by their ids
 * @param form     its own settings
 * @param settings what stands in them, where it is not what stands there before anybody wrote
 * @param code     what is run, in JavaScript
 * @param notes    what whoever wrote it has to say, in Markdown
 */
public record Extension(
        int formatVersion,
        String id,
        String name,
        boolean on,
        String version,
        String about,
        List<String> hears,
        List<ScriptOffer> offers,
        List<Permission> asks,
        List<Permission> agreed,
        List<String> calls,
        List<ScriptSetting> form,
        Map<String, String> settings,
        String code,
        String notes)
        implements DeskSheet {
    /** The version of the document that this program writes. */
    public static final int FORMAT = 1;
    /** The desk that runs them, by name. */
    public static final String DESK = "extension";
    /** Lines of chat, as {@link #hears} names them. */
    public static final String LINES = "line";

    static final String GO_ON = "goOn";
    static final String TEXT = "text";
    private static final int MOST = 20;
    private static final int LONGEST_CODE = 200_000;
    private static final int LONGEST_NOTES = 20_000;
    private static final int LONGEST_TITLE = 60;
    private static final String NAME = "[a-z][a-zA-Z0-9]{0,29}";
    private static final String WORD = "[a-z0-9]{0,30}";
    private static final Act ON_AGAIN = Act.of(GO_ON, "Let it go on", List.of(), "on");
    private static final String FIRST_CODE = """
            // Called when one of its acts is asked for: by a chat word, a key, a button, at a time.
            function asked(act, event) {
              house.log(act + ": " + event.text)
            }
            """;

    /** What it says of itself. */
    public static final Kind<DeskSheet> KIND = Kind.<DeskSheet>of(Extension.class, DESK, "Extension", "Extension")
            .also("script code javascript program add")
            .with(
                    Field.text("name", "Name", 40).called("The name").needed(),
                    Field.flag("on", "is on"),
                    Field.text("about", "It is for", 200)
                            .called("What it is for")
                            .optional(),
                    Field.of(Field.Type.OTHER, "settings", "Its settings"))
            .making(on -> new Extension(
                    FORMAT,
                    on.id(),
                    on.name("Extension"),
                    false,
                    "1",
                    "",
                    List.of(),
                    List.of(new ScriptOffer("go", "Go", "")),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Map.of(),
                    FIRST_CODE,
                    ""));

    public Extension {
        hears = List.copyOf(hears);
        offers = List.copyOf(offers);
        asks = List.copyOf(asks);
        agreed = List.copyOf(agreed);
        calls = List.copyOf(calls);
        form = List.copyOf(form);
        settings = Collections.unmodifiableMap(new TreeMap<>(settings));
    }

    @Override
    public Kind<?> kind() {
        return KIND;
    }

    @Override
    public List<Act> acts() {
        List<Act> all = new ArrayList<>();
        offers.forEach(each -> all.add(
                Act.of(each.name(), each.title(), List.of(ActField.text(TEXT, "What is said with it", 500)), "asked")));
        all.add(ON_AGAIN);
        return all;
    }

    /** What it wants and was not let do. */
    List<Permission> missing() {
        return asks.stream().filter(each -> !agreed.contains(each)).toList();
    }

    /** Whether it may do that. */
    boolean may(Permission permission) {
        return asks.contains(permission) && agreed.contains(permission);
    }

    /** Whether it is to be told of such an event. */
    boolean wants(ShowEvent event) {
        return !hears.isEmpty() && hears.contains(event instanceof ChatLine ? LINES : event.kind());
    }

    /** What it may hear: not what extensions do, or two of them would tell one another for ever. */
    private static List<String> heard() {
        return Stream.concat(Stream.of(LINES), Facts.awaited().stream())
                .filter(each -> !each.startsWith(DESK))
                .toList();
    }

    /** Its settings as the script has them: numbers, yes or no, and texts. */
    public Map<String, Object> read() {
        Map<String, Object> all = new TreeMap<>();
        form.forEach(each -> all.put(each.key(), each.read(settings.getOrDefault(each.key(), each.fresh()))));
        return all;
    }

    @Override
    public void check(Problems problems) {
        problems.version(formatVersion, FORMAT);
        problems.at("id").id(id, "guess-the-weight");
        KIND.check(this, problems);
        longest(problems, "code", code, LONGEST_CODE);
        longest(problems, "notes", notes, LONGEST_NOTES);
        longest(problems, "version", version, MOST);
        checkHears(problems);
        checkOffers(problems);
        checkAsks(problems);
        checkSettings(problems);
    }

    private static void longest(Problems problems, String key, String text, int most) {
        if (text.length() > most) {
            problems.at(key)
                    .add(text.length() + " characters", "This is longer than " + most + " characters.", "Shorten it.");
        }
    }

    private void checkHears(Problems problems) {
        for (int i = 0; i < hears.size(); i++) {
            if (!heard().contains(hears.get(i))) {
                problems.at("hears", i)
                        .add(
                                hears.get(i),
                                "An extension hears nothing of that name.",
                                "Write one of " + String.join(", ", heard()) + ".");
            }
        }
        once(problems, "hears", hears, each -> each);
    }

    private void checkOffers(Problems problems) {
        for (int i = 0; i < offers.size(); i++) {
            ScriptOffer offer = offers.get(i);
            Problems here = problems.at("offers", i);
            if (!offer.name().matches(NAME) || offer.name().equals(GO_ON)) {
                here.at("name").add(offer.name(), "This is no name of an act.", "Write letters, such as begin.");
            }
            here.at("title").text(offer.title(), LONGEST_TITLE, "The title");
            if (!offer.word().matches(WORD)) {
                here.at("word")
                        .add(offer.word(), "This is no chat word.", "Write small letters and digits, without a sign.");
            }
        }
        once(problems, "offers", offers, ScriptOffer::name);
    }

    private void checkAsks(Problems problems) {
        once(problems, "asks", asks, each -> each);
        if (asks.contains(Permission.POINTS) && !asks.contains(Permission.PEOPLE)) {
            problems.at("asks").add(asks, "Points are moved of people, whom it is not told.", "Ask for people too.");
        }
        for (int i = 0; i < calls.size(); i++) {
            problems.at("calls", i).id(calls.get(i), "shop");
        }
        if (asks.contains(Permission.CALL) == calls.isEmpty()) {
            problems.at("calls")
                    .add(
                            calls,
                            "What it calls and whether it asks for that do not fit.",
                            "Name the links of the addresses, and ask for calls.");
        }
    }

    private void checkSettings(Problems problems) {
        for (int i = 0; i < form.size(); i++) {
            form.get(i).check(problems.at("form", i));
        }
        once(problems, "form", form, ScriptSetting::key);
        settings.forEach((key, value) -> form.stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .ifPresentOrElse(
                        each -> {
                            if (!each.faultOf(value).isEmpty()) {
                                problems.at("settings").at(key).add(value, each.faultOf(value), "Give another.");
                            }
                        },
                        () -> problems.at("settings")
                                .at(key)
                                .add(key, "It has no setting of that name.", "Take it away.")));
    }

    private static <T> void once(Problems problems, String key, List<T> all, Function<T, Object> name) {
        Set<Object> seen = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            if (!seen.add(name.apply(all.get(i)))) {
                problems.at(key, i).add(name.apply(all.get(i)), "This stands there already.", "Take it away.");
            }
        }
        if (all.size() > 2 * MOST) {
            problems.at(key).add(all.size(), "These are too many.", "Have at most " + 2 * MOST + ".");
        }
    }

    /** What it can be tried with, as {@link ExtensionDesk#sample} takes it, each in words. */
    public Map<String, String> tries() {
        Map<String, String> all = new LinkedHashMap<>();
        hears.forEach(each -> all.put(each, happens(each)));
        offers.forEach(each -> all.put(ExtensionDesk.ASKED + each.name(), "asked: " + each.title()));
        return all;
    }

    private static String happens(String kind) {
        return kind.equals(LINES)
                ? "lines of chat"
                : "when " + Facts.kind(kind).map(FactKind::happens).orElse(kind);
    }

    @Override
    public List<Piece> sentence(Naming names) {
        String heard = hears.stream().map(Extension::happens).collect(Collectors.joining(", "));
        StringBuilder rest = new StringBuilder();
        if (!heard.isEmpty()) {
            rest.append(", hears ").append(heard);
        }
        if (!offers.isEmpty()) {
            rest.append(", can be asked for ")
                    .append(offers.stream().map(ScriptOffer::title).collect(Collectors.joining(", ")));
        }
        rest.append(
                asks.isEmpty()
                        ? ", and does nothing beyond that."
                        : "; it " + asks.stream().map(Permission::inWords).collect(Collectors.joining("; it ")) + ".");
        return new Pieces()
                .words(name)
                .chip("on", on ? "is on" : "is off")
                .words(rest.toString())
                .all();
    }

    @Override
    public List<String> wants() {
        return asks.stream().map(each -> name + " " + each.inWords()).toList();
    }

    @Override
    public Extension arriving(Optional<DeskSheet> here) {
        boolean known = here.filter(Extension.class::isInstance)
                .map(Extension.class::cast)
                .filter(each -> each.code().equals(code)
                        && each.asks().equals(asks)
                        && each.calls().equals(calls))
                .isPresent();
        Extension as = known ? (Extension) here.get() : this;
        return Records.with(this, Map.of("on", known && as.on(), "agreed", known ? as.agreed() : List.of()));
    }
}
