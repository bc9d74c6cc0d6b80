package hitch.core.district;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CodeTableTest {
    private static final String TABLE = """
            kind,by,from,to,code,words
            roots,share,0,20,310,a few roots
            roots,share,20,60,311,roots
            roots,share,60,101,312,a mass of roots
            roots,,,,319,roots of some sort
            offset,size,0,0.5,410,a small step
            crack,,,,520,
            """;

    private static Finding finding(String note) {
        return Sample.finding(Sample.job(), Sample.DOWN, 5, note);
    }

    private static String code(CodeTable table, String note) {
        return table.of(finding(note)).map(Code::code).orElse("none");
    }

    @Test
    void aFindingHasTheCodeOfItsKindItsShareAndItsSize() {
        CodeTable table = CodeTable.parse(TABLE);
        assertThat(table.trouble()).isEmpty();
        assertThat(code(table, "roots top 10%")).isEqualTo("310");
        assertThat(code(table, "roots top 30%")).isEqualTo("311");
        assertThat(code(table, "roots top")).as("no share is known").isEqualTo("319");
        assertThat(code(table, "offset 1/4 in")).isEqualTo("410");
        assertThat(code(table, "offset 1 in")).as("beyond what has a code").isEqualTo("none");
        assertThat(code(table, "crack left")).isEqualTo("520");
        assertThat(code(table, "grease")).isEqualTo("none");
    }

    @Property(tries = 60)
    void everyShareHasExactlyTheCodeOfItsRange(@ForAll @IntRange(min = 1, max = 100) int share) {
        String expected = share < 20 ? "310" : share < 60 ? "311" : "312";
        assertThat(code(CodeTable.parse(TABLE), "roots top " + share + "%")).isEqualTo(expected);
    }

    @Test
    void whatCannotBeUsedIsToldByItsLineAndTheRestStands() {
        CodeTable table = CodeTable.parse("kind,by,from,to,code\n"
                + "rootz,,,,1\n"
                + "crack,,,,\n"
                + "gap,width,,,2\n"
                + "gap,size,3,1,3\n"
                + "gap,size,a,b,4\n"
                + "hole,,,,5\n");
        assertThat(table.codes()).extracting(Code::code).containsExactly("5");
        assertThat(table.trouble())
                .containsExactly(
                        "Line 2: \"rootz\" is no kind of finding.",
                        "Line 3: there is no code for crack.",
                        "Line 4: \"width\" is neither size nor share.",
                        "Line 5: from 3 to 1 is no range.",
                        "Line 6: \"a\" to \"b\" are no numbers; inches or percent are meant.");
    }

    @Test
    void aTableThatIsNoneIsToldInWords() {
        for (String bad : new String[] {"", "a,b\n1,2\n", "\"kind", "kind,code,kind\n", "\u0000\u0001"}) {
            CodeTable table = CodeTable.parse(bad);
            assertThat(table.codes()).isEmpty();
            assertThat(table.trouble()).as(bad).isNotEmpty();
        }
    }

    @Test
    void gapsAndOverlapsAndKindsWithoutACodeAreTold() {
        CodeTable table = CodeTable.parse(
                "kind,by,from,to,code\n" + "roots,share,0,20,1\nroots,share,30,101,2\ncrack,,,,3\ncrack,,,,4\n");
        assertThat(DistrictCheck.of(table))
                .contains("3 and 4 both stand for crack; the first is used.")
                .contains("roots has no code for a share from 20 to 30.")
                .anyMatch(w -> w.startsWith("There is no code for: ") && w.contains("offset") && !w.contains("roots"));
        assertThat(table.unmapped()).doesNotContain(FindingKind.CRACK).contains(FindingKind.GREASE);
    }
}
