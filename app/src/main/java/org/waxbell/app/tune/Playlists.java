package org.waxbell.app.tune;

import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.waxbell.app.json.Refused;
import org.waxbell.catalogue.Tune;

/** Playlists in open formats: XSPF 1 (xspf.org), and M3U as players write it, in UTF-8 or as older ones did in Windows-1252. */
public final class Playlists {
    /** As many lines as are read. */
    public static final int MOST = 5_000;

    private static final String XSPF = "http://xspf.org/ns/0/";
    private static final Pattern EXTINF = Pattern.compile("#EXTINF:\\s*(-?\\d+)[^,]*,(.*)");
    private static final Charset OLDER = Charset.forName("windows-1252");

    private Playlists() {}

    /** One line of a list. @param location an address or a file name, empty text for none @param title empty text where it is not known @param maker likewise */
    public record Line(String location, String title, String maker) {
        /** How people are told of it. */
        public String named() {
            return title.isEmpty() ? location : maker.isEmpty() ? title : maker + " - " + title;
        }
    }

    /** What a file lists, at most {@link #MOST} lines and one more; throws {@link Refused} where it is no playlist. */
    public static List<Line> read(byte[] file) {
        String start = new String(file, 0, Math.min(300, file.length), StandardCharsets.ISO_8859_1).replace("\0", "");
        return start.contains("<playlist") || start.contains("<?xml") ? xspf(file) : m3u(text(file));
    }

    /** The text of a file of which nobody says how it is written. */
    static String text(byte[] file) {
        if (file.length > 1 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16LE);
        }
        if (file.length > 1 && (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff) {
            return new String(file, 2, file.length - 2, StandardCharsets.UTF_16BE);
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException older) {
            return new String(file, OLDER);
        }
    }

    private static List<Line> m3u(String text) {
        List<Line> all = new ArrayList<>();
        String named = "";
        for (String line : text.lines().map(String::strip).toList()) {
            Matcher info = EXTINF.matcher(line);
            if (info.matches()) {
                named = info.group(2).strip();
            } else if (!line.isEmpty() && !line.startsWith("#") && all.size() <= MOST) {
                int dash = named.indexOf(" - ");
                all.add(new Line(
                        line,
                        dash < 0 ? named : named.substring(dash + 3).strip(),
                        dash < 0 ? "" : named.substring(0, dash).strip()));
                named = "";
            }
        }
        return all;
    }

    private static List<Line> xspf(byte[] file) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        List<Line> all = new ArrayList<>();
        try {
            XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(file));
            Map<String, String> track = new HashMap<>();
            boolean inTrack = false;
            while (reader.hasNext() && all.size() <= MOST) {
                int event = reader.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    if (reader.getLocalName().equals("track")) {
                        inTrack = true;
                        track.clear();
                    } else if (inTrack
                            && List.of("location", "title", "creator").contains(reader.getLocalName())) {
                        String name = reader.getLocalName();
                        track.putIfAbsent(name, reader.getElementText().strip());
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT
                        && reader.getLocalName().equals("track")) {
                    inTrack = false;
                    all.add(new Line(
                            track.getOrDefault("location", ""),
                            track.getOrDefault("title", ""),
                            track.getOrDefault("creator", "")));
                }
            }
            return all;
        } catch (XMLStreamException broken) {
            throw new Refused(
                    "file",
                    "",
                    "This XSPF cannot be read at line " + broken.getLocation().getLineNumber() + ".",
                    "Save it anew with the program that made it, or bring it as M3U.");
        }
    }

    /** Where a tune is found again. */
    private static String location(Tune tune) {
        return tune.link().isEmpty() ? tune.id() : tune.link();
    }

    /** A list as XSPF 1. */
    public static String xspf(String name, List<Tune> tunes) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("playlist");
            xml.writeDefaultNamespace(XSPF);
            xml.writeAttribute("version", "1");
            element(xml, "title", name);
            xml.writeStartElement("trackList");
            for (Tune each : tunes) {
                xml.writeStartElement("track");
                element(xml, "location", location(each));
                element(xml, "title", each.title());
                element(xml, "creator", each.maker());
                element(xml, "annotation", each.licence());
                element(xml, "duration", Long.toString(each.lengthMs()));
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException(impossible);
        }
        return text.toString();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        if (!text.isEmpty()) {
            xml.writeStartElement(name);
            xml.writeCharacters(text.replaceAll("\\p{Cc}", " "));
            xml.writeEndElement();
        }
    }

    /** A list as M3U. */
    public static String m3u(List<Tune> tunes) {
        StringBuilder text = new StringBuilder("#EXTM3U\n");
        tunes.forEach(each -> text.append("#EXTINF:")
                .append(Math.round(each.lengthMs() / 1_000.0))
                .append(',')
                .append(each.maker().isEmpty() ? each.title() : each.maker() + " - " + each.title())
                .append('\n')
                .append(location(each))
                .append('\n'));
        return text.toString();
    }
}
