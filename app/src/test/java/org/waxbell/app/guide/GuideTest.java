package org.waxbell.app.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.waxbell.app.guide.Guide.GuideSection;

/** What is written about Wax Bell, as the program tells it. */
class GuideTest {
    private static final Pattern LINK = Pattern.compile("(?:href|src)=\"(/guide[^\"]*)\"");
    private final List<GuideSection> all = new Guide().sections();

    @Test
    void everyBookIsThereAndEachSectionHasAnAddressOfItsOwn() {
        assertThat(all.stream().map(GuideSection::book).distinct())
                .containsExactly(
                        "Guide",
                        "Recipes",
                        "A walk through an evening",
                        "When something breaks",
                        "Formats",
                        "How it is built",
                        "Performance",
                        "What has changed");
        assertThat(all).extracting(GuideSection::anchor).doesNotHaveDuplicates().doesNotContain("");
        assertThat(all)
                .allSatisfy(each -> assertThat(each.text()).as(each.title()).isNotBlank());
    }

    @Test
    void linksBetweenPagesLeadToSectionsAndPicturesAreThere() {
        Set<String> anchors = all.stream().map(GuideSection::anchor).collect(Collectors.toSet());
        int links = 0;
        for (GuideSection each : all) {
            for (Matcher found = LINK.matcher(each.html()); found.find(); ) {
                String to = found.group(1);
                if (to.startsWith(Guide.PICTURES)) {
                    String picture = "/guide/screenshots/" + to.substring(Guide.PICTURES.length());
                    assertThat(Guide.class.getResource(picture)).as(picture).isNotNull();
                } else {
                    assertThat(anchors).as(each.title()).contains(to.substring("/guide/".length()));
                    links++;
                }
            }
            assertThat(each.html()).as(each.title()).doesNotContain(".md\"");
        }
        assertThat(links).isGreaterThan(5);
    }

    @Test
    void marksOfTitlesAreLeftOutAndCodeStaysCode() {
        assertThat(all).extracting(GuideSection::title).contains("Links: ./waxbell bench links", "The mixer link");
        assertThat(all.stream().filter(each -> each.anchor().equals("the-bridge")))
                .singleElement()
                .satisfies(each ->
                        assertThat(each.html()).contains("<code>", "<table>", "href=\"/guide/the-mixer-link\""));
    }
}
