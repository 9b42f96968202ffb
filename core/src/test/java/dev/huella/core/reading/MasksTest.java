package dev.huella.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is hidden from a grammar leaves every other byte, and every line, where it was. */
class MasksTest {
    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String text(Masks masks) {
        return new String(masks.bytes(), StandardCharsets.UTF_8);
    }

    @Test
    void nothingIsCopiedWhereNothingChanges() {
        byte[] given = utf8("quay äöü {}");
        assertThat(Masks.of(given).blank(Pattern.compile("mole"), 0).write(Pattern.compile("buoy"), 0, "x").bytes())
                .isSameAs(given);
    }

    @Test
    void blanksLeaveEndsOfLines() {
        assertThat(text(Masks.of(utf8("a [x\\ny] b".translateEscapes())).blank(Pattern.compile("\\[[^]]*]"), 0)))
                .isEqualTo("a   \n   b");
    }

    @Test
    void aGroupThatDidNotTakePartIsLeftAlone() {
        assertThat(text(Masks.of(utf8("pier mole")).blank(Pattern.compile("pier|(mole)"), 1))).isEqualTo("pier     ");
    }

    @Test
    void whatIsRewrittenStaysAsLongAsItWas() {
        assertThat(text(Masks.of(utf8("moor at quay\nmoor at mole"))
                .rewrite(Pattern.compile("(?m)moor( at \\w+)$"), 1, group -> group.strip().replace(" ", "(") + ")")))
                .isEqualTo("moorat(quay)\nmoorat(mole)");
    }

    @Test
    void theNextMatchMayBeginInsideTheLast() {
        assertThat(text(Masks.of(utf8("a,a,a")).write(Pattern.compile("a(,)a"), 1, ";"))).isEqualTo("a;a;a");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            a; b                  | a! b
            a "x; y" ; b          | a "x; y" ! b
            a "x \\" ;" ; b       | a "x \\" ;" ! b
            a // b; c             | a // b; c
            a /* b; */ ; c        | a /* b; */ ! c
            a / b ; c             | a / b ! c
            "open ; end           | "open ; end
            '"' ; '\\'' ; ';' a    | '"' ! '\\'' ! ';' a
            \"""t; " ;\""" ; c    | \"""t; " ;\""" ! c
            """)
    void lettersChangeInCodeOnly(String given, String expected) {
        assertThat(text(Masks.of(utf8(given)).writeInCode(';', '!'))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            a // note         | a
            a /* b */ c       | a         c
            a "// b" c        | a "// b" c
            a "/*" /* b */ c  | a "/*"         c
            a '"' // b        | a '"'
            a /* open         | a
            a / b * c /       | a / b * c /
            """)
    void commentsAreBlankedButNotInTexts(String given, String expected) {
        assertThat(text(Masks.of(utf8(given)).blankComments()).stripTrailing()).isEqualTo(expected);
    }

    @Test
    void linesEndWhereTheyDidInsideComments() {
        assertThat(text(Masks.of(utf8("a /* b\n c */ d // e\nf")).blankComments()))
                .isEqualTo("a     \n      d     \nf");
    }

    @Test
    void whateverIsHiddenTheLengthAndTheLinesStay() {
        var random = new Random(11);
        for (int round = 0; round < 500; round++) {
            var made = new StringBuilder();
            for (int i = random.nextInt(60); i > 0; i--) {
                made.append("ab;\"/*\n(){}é$".charAt(random.nextInt(13)));
            }
            byte[] given = utf8(made.toString());
            byte[] masked = Masks.of(given)
                    .blank(Pattern.compile("\\([^)]*\\)"), 0)
                    .write(Pattern.compile("a(b)"), 1, "_")
                    .writeInCode(';', '\r')
                    .blankComments()
                    .bytes();
            assertThat(masked).hasSameSizeAs(given);
            for (int i = 0; i < given.length; i++) {
                assertThat(masked[i] == '\n').isEqualTo(given[i] == '\n');
            }
        }
    }
}
