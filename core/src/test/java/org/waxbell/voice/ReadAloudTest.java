package org.waxbell.voice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadAloudTest {
    private static final Map<String, String> SPELLED = Map.of("wickerby", "wicker bee", "brine_otter", "Briny");

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    marshlight_ines says hi           | marshlight ines says hi
                    wickerby, and @Brine_Otter!       | wicker bee, and Briny!
                    pip_in_the_reeds42 is here        | pip in the reeds forty-two is here
                    1,250 drips                       | one thousand two hundred fifty drips
                    3.5 kg, -2 degrees                | three point five kg, minus two degrees
                    $5.50 and €1 and £20              | five dollars fifty and one euro and twenty pounds
                    50% off at 20:30                  | fifty percent off at twenty thirty
                    ty, brb                           | thank you, be right back
                    12345678901234                    | 1 2 3 4 5 6 7 8 9 0 1 2 3 4
                    well 🕯🕯🕯 done                  | well , candle, done
                    *so* ~nice~ #1                    | so nice one
                    """)
    void readsWell(String text, String read) {
        assertThat(ReadAloud.of(text, "en-gb", SPELLED)).isEqualTo(read);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    21 Kerzen ty 🕯        | einundzwanzig Kerzen ty
                    """)
    void otherTonguesHaveTheirOwnNumbers(String text, String read) {
        assertThat(ReadAloud.of(text, "de", SPELLED)).isEqualTo(read);
    }
}
