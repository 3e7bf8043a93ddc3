package ofisino.server.attachments.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.common.filespecification.PDEmbeddedFile;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionLaunch;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.action.PDPageAdditionalActions;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationFileAttachment;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationRubberStamp;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceDictionary;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import org.apache.pdfbox.pdmodel.interactive.form.PDAcroForm;
import org.apache.pdfbox.pdmodel.interactive.form.PDTextField;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is kept of a PDF; the reader is PDFBox's own. */
class PdfRewriterTest {
    private static final List<String> NOT_KEPT = List.of(
            "app.alert",
            "JavaScript",
            "/AA",
            "/Launch",
            "/URI",
            "evil.exe",
            "MZ-program",
            "xfa",
            "/Annots",
            "AcroForm",
            "somebody");

    @TempDir
    Path folder;

    @Test
    void keepsWhatIsSeenAndNothingThatActs() throws IOException {
        Path from = folder.resolve("from.pdf");
        try (var document = new PDDocument()) {
            var page = new PDPage(PDRectangle.A5);
            page.setRotation(90);
            document.addPage(page);
            write(document, page, "Brake pipes 42.10");
            armed(document, page);
            document.save(from.toFile(), CompressParameters.NO_COMPRESSION);
        }
        assertThat(text(from)).as("the test can fail").contains(NOT_KEPT);

        Path to = folder.resolve("to.pdf");
        PdfRewriter.rewrite(from, to);

        assertThat(text(to)).doesNotContain(NOT_KEPT);
        try (PDDocument clean = Loader.loadPDF(to.toFile())) {
            assertThat(clean.getNumberOfPages()).isEqualTo(1);
            assertThat(clean.getPage(0).getRotation()).isEqualTo(90);
            assertThat(clean.getPage(0).getMediaBox().getWidth()).isEqualTo(PDRectangle.A5.getWidth());
            assertThat(new PDFTextStripper().getText(clean).replaceAll("\\s", ""))
                    .as("also what was typed into the form and what was stamped")
                    .contains("Brakepipes42.10", "Total199.00", "PAID");
            assertThat(clean.getDocumentCatalog().getCOSObject().keySet())
                    .extracting(COSName::getName)
                    .containsExactlyInAnyOrder("Type", "Version", "Pages");
        }
    }

    @Test
    void keepsFontsAndPicturesWhateverTheyAreCalled() throws IOException {
        Path from = folder.resolve("from.pdf");
        try (var document = new PDDocument()) {
            var page = new PDPage();
            document.addPage(page);
            var resources = new PDResources(); // called as the keys that elsewhere start something
            resources.put(COSName.getPDFName("AA"), new PDType1Font(FontName.HELVETICA));
            page.setResources(resources);
            var content = new PDStream(document);
            try (var out = content.createOutputStream()) {
                out.write("BT /AA 12 Tf 50 50 Td (Gearbox seal) Tj ET".getBytes(StandardCharsets.US_ASCII));
            }
            page.setContents(content);
            document.save(from.toFile());
        }
        Path to = folder.resolve("to.pdf");
        PdfRewriter.rewrite(from, to);
        try (PDDocument clean = Loader.loadPDF(to.toFile())) {
            assertThat(new PDFTextStripper().getText(clean)).contains("Gearbox seal");
        }
    }

    @Test
    void refusesMorePagesThanAReceiptHas() throws IOException {
        Path from = folder.resolve("from.pdf");
        try (var document = new PDDocument()) {
            for (int i = 0; i <= PdfRewriter.MOST_PAGES; i++) document.addPage(new PDPage());
            document.save(from.toFile());
        }
        assertThatThrownBy(() -> PdfRewriter.rewrite(from, folder.resolve("to.pdf")))
                .isInstanceOf(PdfRewriter.TooManyPages.class);
    }

    private static void write(PDDocument document, PDPage page, String words) throws IOException {
        try (var content = new PDPageContentStream(document, page)) {
            content.beginText();
            content.setFont(new PDType1Font(FontName.HELVETICA), 12);
            content.newLineAtOffset(50, 300);
            content.showText(words);
            content.endText();
        }
    }

    /** Everything that a page can do besides being looked at. */
    private static void armed(PDDocument document, PDPage page) throws IOException {
        var alert = new PDActionJavaScript("app.alert(1)");
        var catalog = document.getDocumentCatalog();
        catalog.setOpenAction(alert);
        document.getDocumentInformation().setAuthor("somebody");
        var actions = new PDPageAdditionalActions();
        actions.setO(alert);
        page.setActions(actions);
        page.getCOSObject().setItem(COSName.AF, new COSArray());

        var link = new PDAnnotationLink();
        link.setRectangle(new PDRectangle(10, 10, 20, 20));
        var uri = new PDActionURI();
        uri.setURI("javascript:app.alert(2)");
        link.setAction(uri);
        var launch = new PDAnnotationLink();
        launch.setRectangle(new PDRectangle(40, 10, 20, 20));
        launch.setAction(new PDActionLaunch());

        var file = new PDComplexFileSpecification();
        file.setFile("evil.exe");
        var embedded = new PDEmbeddedFile(document);
        try (var out = embedded.createOutputStream()) {
            out.write("MZ-program".getBytes(StandardCharsets.US_ASCII));
        }
        file.setEmbeddedFile(embedded);
        var attachment = new PDAnnotationFileAttachment();
        attachment.setRectangle(new PDRectangle(70, 10, 20, 20));
        attachment.setFile(file);

        var stamp = new PDAnnotationRubberStamp();
        stamp.setRectangle(new PDRectangle(200, 200, 80, 20));
        stamp.setAppearance(appearance(document, "PAID"));

        var form = new PDAcroForm(document);
        form.getCOSObject().setItem(COSName.getPDFName("XFA"), new COSString("<xfa/>"));
        catalog.setAcroForm(form);
        var field = new PDTextField(form);
        field.setPartialName("total");
        form.getFields().add(field);
        var widget = field.getWidgets().get(0);
        widget.setRectangle(new PDRectangle(50, 100, 120, 20));
        widget.setAppearance(appearance(document, "Total 199.00"));
        var scripts = new COSDictionary();
        scripts.setItem(COSName.getPDFName("F"), alert.getCOSObject());
        widget.getCOSObject().setItem(COSName.AA, scripts);

        page.setAnnotations(List.<PDAnnotation>of(link, launch, attachment, stamp, widget));
    }

    private static PDAppearanceDictionary appearance(PDDocument document, String words) throws IOException {
        var stream = new PDAppearanceStream(document);
        stream.setBBox(new PDRectangle(120, 20));
        stream.setResources(new PDResources());
        stream.getResources().put(COSName.getPDFName("F1"), new PDType1Font(FontName.HELVETICA));
        try (var out = new PDFormXObject(stream.getCOSObject()).getStream().createOutputStream()) {
            out.write("BT /F1 12 Tf 2 5 Td (%s) Tj ET".formatted(words).getBytes(StandardCharsets.US_ASCII));
        }
        var appearance = new PDAppearanceDictionary();
        appearance.setNormalAppearance(stream);
        return appearance;
    }

    private static String text(Path pdf) throws IOException {
        return new String(Files.readAllBytes(pdf), StandardCharsets.ISO_8859_1);
    }
}
