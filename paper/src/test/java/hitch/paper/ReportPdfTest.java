package hitch.paper;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.ClockPosition;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.parcel.Asked;
import hitch.core.parcel.FilmTimes;
import hitch.core.parcel.Marks;
import hitch.core.parcel.Report;
import hitch.core.sketch.FilmMap;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.clip.Picture;
import hitch.media.film.PaperPicture;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class ReportPdfTest {
    private static final String RECORD = "ab".repeat(32);
    private static final String KEY = "cd".repeat(32);

    private static PDDocument pdf(Job job, Recipient recipient) throws IOException {
        Survey survey = Reckoner.survey(job);
        Disclosure may = Disclosure.of(survey, recipient);
        Report report = Report.of(may);
        Map<String, byte[]> stills = new HashMap<>();
        int[] grey = new int[320 * 240];
        Arrays.fill(grey, 0x60584F);
        Picture picture = new Picture(320, 240, grey, 0);
        for (FindingRow row : report.findings()) {
            stills.put(
                    row.still(),
                    PaperPicture.jpeg(
                            picture, Optional.of(ClockPosition.at(3)), List.of(), hitch.core.footage.Adjustment.NONE));
        }
        Beside beside = new Beside(
                "",
                FilmTimes.NONE,
                List.of(),
                recipient.isPublic() ? Optional.empty() : FilmMap.onPaper(survey),
                List.of());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ReportPdf.write(may, report, beside, new Marks(RECORD, KEY, 2, List.of("2 findings")), stills, true, out);
        return Loader.loadPDF(out.toByteArray());
    }

    private static String text(PDDocument pdf) throws IOException {
        // Letters that are set as one sign are two in the record.
        return Normalizer.normalize(new PDFTextStripper().getText(pdf), Normalizer.Form.NFKC)
                .replaceAll("\\s+", " ");
    }

    private static Job many() {
        Job job = Sample.marked();
        for (int i = 0; i < 70; i++) {
            job = Sample.note(job, Sample.DOWN, 3 + i * 0.5, i % 3 == 0 ? "crack left" : "offset 1/4 in right");
        }
        return job;
    }

    @Test
    void saysWhatTheRecordSays() throws IOException {
        for (Recipient recipient : Recipient.STANDARD) {
            Report report = Report.of(Disclosure.of(Reckoner.survey(Sample.marked()), recipient));
            try (PDDocument pdf = pdf(Sample.marked(), recipient)) {
                String text = text(pdf);
                for (FindingRow row : report.findings()) {
                    assertThat(text).contains(row.what()).contains(row.place());
                    boolean full = report.isPictured(row);
                    assertThat(text).contains(full ? row.weight() + ", because " + row.because() + "." : row.weight());
                }
                for (Asked ask : report.asks()) {
                    assertThat(text).contains(ask.what()).contains(ask.when());
                }
                report.facts().forEach(f -> assertThat(text).contains(f.value()));
                report.unseen().forEach(u -> assertThat(text).contains(u));
                report.cautions().forEach(c -> assertThat(text).contains(c));
                assertThat(text)
                        .contains(report.comesTo().statement())
                        .contains(Marks.grouped(RECORD))
                        .contains(Marks.grouped(KEY))
                        .contains("Issue 2, in place of the one before. Changed since: 2 findings.");
            }
        }
    }

    @Test
    void aDistrictsHoldsNothingPrivate() throws IOException {
        try (PDDocument pdf = pdf(Sample.marked(), Recipient.DISTRICT)) {
            assertThat(text(pdf))
                    .doesNotContain("A. Client")
                    .doesNotContain("hose bib")
                    .doesNotContain("What to do")
                    .doesNotContain("Offset");
        }
    }

    /** Names of other scripts are written; what no page may hold is left out, and nothing that is typed becomes a part of the page. */
    @Test
    void whatIsTypedIsDataInEveryScript() throws IOException {
        for (String typed : List.of(
                "Straße Ωmega Жук",
                "בית שבע",
                "دار",
                "a\u0000b\u0007c",
                "half \uD800 letter",
                "\u202E<b>&amp;</b> \"'} @page { size: a6 }",
                "x".repeat(3000))) {
            Job job = Sample.marked()
                    .with(new Edit.DescribeProperty(
                            PropertyFactsBuilder.builder(Sample.job().facts())
                                    .property(typed)
                                    .client(typed)
                                    .build()));
            try (PDDocument pdf = pdf(job, Recipient.HOMEOWNER)) {
                assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
                String text = text(pdf);
                assertThat(text).doesNotContain("#");
                if (typed.contains("Жук")) {
                    assertThat(text).contains(typed);
                }
                if (typed.contains("<b>")) {
                    assertThat(text).contains("<b>&amp;</b>");
                }
            }
        }
    }

    @Test
    void everyPageIsNumberedAndNamesTheProperty() throws IOException {
        try (PDDocument pdf = pdf(many(), Recipient.HOMEOWNER)) {
            int pages = pdf.getNumberOfPages();
            assertThat(pages).isBetween(2, 12);
            PDFTextStripper stripper = new PDFTextStripper();
            for (int page = 1; page <= pages; page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                assertThat(stripper.getText(pdf))
                        .contains(page + " of " + pages)
                        .contains("3 Larkspur Close");
            }
        }
    }

    @Test
    void itsTypefacesAreInItAndItIsTaggedAndHasBookmarks() throws IOException {
        try (PDDocument pdf = pdf(Sample.marked(), Recipient.HOMEOWNER)) {
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                }
            }
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot().getKids())
                    .isNotEmpty();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            PDOutlineItem first = pdf.getDocumentCatalog().getDocumentOutline().getFirstChild();
            assertThat(first.getTitle()).isEqualTo("What it comes to");
            int marks = 0;
            for (PDOutlineItem item = first; item != null; item = item.getNextSibling()) {
                assertThat(item.findDestinationPage(pdf)).as(item.getTitle()).isNotNull();
                marks++;
            }
            assertThat(marks).isGreaterThanOrEqualTo(6);
        }
    }

    @Test
    void noPageButTheLastIsNearlyEmpty() throws IOException {
        for (Job job : List.of(Sample.marked(), many())) {
            try (PDDocument pdf = pdf(job, Recipient.BUYER)) {
                PDFRenderer renderer = new PDFRenderer(pdf);
                for (int page = 0; page < pdf.getNumberOfPages() - 1; page++) {
                    assertThat(filled(renderer.renderImageWithDPI(page, 40)))
                            .as("page " + (page + 1))
                            .isGreaterThan(0.2);
                }
            }
        }
    }

    /** How far down a page something stands, between its head and its foot. */
    private static double filled(BufferedImage page) {
        int top = page.getHeight() * 22 / 279;
        int bottom = page.getHeight() * 255 / 279;
        int last = top;
        for (int y = top; y < bottom; y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                if ((page.getRGB(x, y) & 0xFF) < 0xE0) {
                    last = y;
                }
            }
        }
        return (last - top) / (double) (bottom - top);
    }
}
