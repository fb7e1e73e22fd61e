package org.waxbell.catalogue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.custom.CustomAnalyzer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StoredField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.BooleanClause.Occur;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.BoostQuery;
import org.apache.lucene.search.FuzzyQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.search.spell.LuceneLevenshteinDistance;
import org.apache.lucene.store.ByteBuffersDirectory;

/**
 * Finds tunes by words: Lucene names those that have words like the ones that were written, letters that are wrong, left out or
 * changed over forgiven; of those each is weighed by how well the words of both fit one another, rare words counting more. It is
 * sure where one fits well and no other nearly as well.
 */
final class TuneIndex {
    private static final String TEXT = "text";
    private static final String AT = "at";
    private static final int CANDIDATES = 40;
    private static final int NEAREST = 3;
    private static final int LONGEST = 200;
    private static final int MOST_WORDS = 16;
    /** What fits worse is not what was meant. */
    private static final double LEAST = 0.45;
    /** What fits better may be meant without asking back. */
    private static final double SURE = 0.80;
    /** By how much it must fit better than any other. */
    private static final double AHEAD = 0.08;
    /** Two words that differ by more are two words. */
    private static final double ALIKE = 0.6;

    private final List<Tune> tunes;
    private final List<List<String>> titles = new ArrayList<>();
    private final List<List<String>> makers = new ArrayList<>();
    private final Map<String, Integer> counts = new HashMap<>();
    private final Analyzer analyzer;
    private final IndexSearcher searcher;
    private final LuceneLevenshteinDistance distance = new LuceneLevenshteinDistance();

    TuneIndex(List<Tune> tunes) {
        this.tunes = tunes;
        try {
            analyzer = CustomAnalyzer.builder()
                    .withTokenizer("standard")
                    .addTokenFilter("lowercase")
                    .addTokenFilter("asciifolding")
                    .build();
            ByteBuffersDirectory directory = new ByteBuffersDirectory();
            try (IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig(analyzer))) {
                for (int i = 0; i < tunes.size(); i++) {
                    add(writer, i);
                }
            }
            searcher = new IndexSearcher(DirectoryReader.open(directory));
        } catch (IOException never) {
            throw new UncheckedIOException("an index in memory reads no file", never);
        }
    }

    private void add(IndexWriter writer, int at) throws IOException {
        Tune tune = tunes.get(at);
        titles.add(words(tune.title()));
        makers.add(words(tune.maker()));
        Set<String> own = new HashSet<>(titles.get(at));
        own.addAll(makers.get(at));
        own.forEach(word -> counts.merge(word, 1, Integer::sum));
        Document document = new Document();
        document.add(new TextField(TEXT, tune.title() + " " + tune.maker(), Field.Store.NO));
        document.add(new StoredField(AT, at));
        writer.addDocument(document);
    }

    private List<String> words(String text) throws IOException {
        List<String> all = new ArrayList<>();
        try (TokenStream stream = analyzer.tokenStream(TEXT, text)) {
            CharTermAttribute term = stream.addAttribute(CharTermAttribute.class);
            stream.reset();
            while (stream.incrementToken() && all.size() < MOST_WORDS) {
                all.add(term.toString());
            }
            stream.end();
        }
        return all;
    }

    /** One that may be meant. @param fit from 0 to 1 */
    private record Fit(Tune tune, double fit) {}

    Found find(String text) {
        try {
            List<String> asked = words(text.substring(0, Math.min(LONGEST, text.length())));
            if (asked.isEmpty()) {
                return Found.NOTHING;
            }
            List<Fit> fits = new ArrayList<>();
            for (ScoreDoc each : searcher.search(query(asked), CANDIDATES).scoreDocs) {
                int at =
                        (searcher.storedFields().document(each.doc).getField(AT).numericValue()).intValue();
                fits.add(new Fit(tunes.get(at), fit(asked, titles.get(at), makers.get(at))));
            }
            fits.sort(Comparator.comparingDouble(Fit::fit)
                    .reversed()
                    .thenComparing(each -> each.tune().id()));
            return found(fits);
        } catch (IOException never) {
            throw new UncheckedIOException("an index in memory reads no file", never);
        }
    }

    private static Found found(List<Fit> fits) {
        List<Tune> nearest = fits.stream()
                .filter(each -> each.fit() >= LEAST)
                .limit(NEAREST)
                .map(Fit::tune)
                .toList();
        if (nearest.isEmpty()) {
            return Found.NOTHING;
        }
        double second = fits.size() > 1 ? fits.get(1).fit() : 0;
        return new Found(fits.get(0).fit() >= SURE && fits.get(0).fit() - second >= AHEAD, nearest);
    }

    private static BooleanQuery query(List<String> asked) {
        BooleanQuery.Builder query = new BooleanQuery.Builder();
        for (String word : asked) {
            Term term = new Term(TEXT, word);
            query.add(new BoostQuery(new TermQuery(term), 2), Occur.SHOULD);
            if (word.length() > 3) {
                query.add(new FuzzyQuery(term, word.length() > 6 ? 2 : 1, 1), Occur.SHOULD);
            }
        }
        return query.build();
    }

    /** A word that stands in few tunes tells more (inverse document frequency as in BM25, Robertson and Spärck Jones 1976). */
    private double weight(String word) {
        double with = counts.getOrDefault(word, 0);
        return Math.log(1 + (tunes.size() - with + 0.5) / (with + 0.5));
    }

    private double like(String one, String other) {
        if (one.equals(other)) {
            return 1;
        }
        // Numbers differ or are the same: no letter of theirs was mistyped.
        if (Character.isDigit(one.charAt(0)) || Character.isDigit(other.charAt(0))) {
            return 0;
        }
        double like = distance.getDistance(one, other);
        return like < ALIKE ? 0 : like;
    }

    private double best(String word, List<String> among) {
        double best = 0;
        for (String each : among) {
            best = Math.max(best, like(word, each));
        }
        return best;
    }

    /** How much of the words in {@code these} stands in {@code those}, from 0 to 1. */
    private double share(List<String> these, List<String> those) {
        double there = 0;
        double all = 0;
        for (String word : these) {
            double best = best(word, those);
            // A word that is misspelled weighs as what it was meant for.
            double weight = weight(word);
            there += weight * best;
            all += weight;
        }
        return all == 0 ? 0 : there / all;
    }

    /** How well words fit a tune: nearly all that was written must stand in it, and most of its title must have been written. */
    private double fit(List<String> asked, List<String> title, List<String> maker) {
        List<String> both = new ArrayList<>(title);
        both.addAll(maker);
        return 0.55 * share(asked, both) + 0.45 * share(title, asked);
    }
}
