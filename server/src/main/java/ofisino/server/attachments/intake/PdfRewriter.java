package ofisino.server.attachments.intake;

import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;

/**
 * Makes a new PDF (ISO 32000-1) of the pages of another: their size, their content and what it draws with. What was typed into a form or
 * stamped on a page becomes part of the page. Nothing else comes along: no scripts, actions, links, attachments, form fields, layers,
 * descriptions.
 *
 * <p>Runs as a process of its own ({@link PdfProcess}): a small file can unpack to any size, and only a process has a bound of memory.
 */
public final class PdfRewriter {
    static final int MOST_PAGES = 60;
    static final int CANNOT_BE_READ = 10;
    static final int TOO_MANY_PAGES = 11;

    /** Of a page, in this order of inheritance. */
    private static final List<COSName> OF_A_PAGE = List.of(
            COSName.CONTENTS,
            COSName.RESOURCES,
            COSName.MEDIA_BOX,
            COSName.CROP_BOX,
            COSName.ROTATE,
            COSName.getPDFName("UserUnit"),
            COSName.GROUP);

    private static final Set<COSName> INHERITED =
            Set.of(COSName.RESOURCES, COSName.MEDIA_BOX, COSName.CROP_BOX, COSName.ROTATE);

    private static final int HIDDEN_OR_NOT_SHOWN = 1 << 1 | 1 << 5;

    private PdfRewriter() {}

    /** @param arguments the file to read, the file to write */
    public static void main(String[] arguments) {
        try {
            rewrite(Path.of(arguments[0]), Path.of(arguments[1]));
        } catch (TooManyPages tooMany) {
            System.exit(TOO_MANY_PAGES);
        } catch (IOException | RuntimeException | StackOverflowError broken) {
            System.exit(CANNOT_BE_READ);
        }
    }

    static final class TooManyPages extends IOException {}

    /** @throws IOException for a file that is no PDF, is locked, or has no pages */
    static void rewrite(Path from, Path to) throws IOException {
        var onDisk = IOUtils.createTempFileOnlyStreamCache();
        try (PDDocument source = Loader.loadPDF(from.toFile(), "", null, null, onDisk);
                PDDocument clean = new PDDocument(onDisk)) {
            var copier = new PdfCopier(clean);
            for (COSDictionary page : pages(source)) clean.addPage(copy(page, copier, clean));
            if (clean.getNumberOfPages() == 0) throw new IOException("no pages");
            clean.save(to.toFile());
        }
    }

    /** In order; each once, whatever the tree of pages points to. */
    private static List<COSDictionary> pages(PDDocument source) throws IOException {
        List<COSDictionary> pages = new ArrayList<>();
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        collect(source.getDocumentCatalog().getCOSObject().getCOSDictionary(COSName.PAGES), pages, seen);
        return pages;
    }

    private static void collect(COSDictionary node, List<COSDictionary> pages, Set<COSBase> seen) throws IOException {
        if (node == null || !seen.add(node)) return;
        COSArray kids = node.getCOSArray(COSName.KIDS);
        if (kids == null) {
            if (pages.size() == MOST_PAGES) throw new TooManyPages();
            pages.add(node);
            return;
        }
        for (int i = 0; i < kids.size(); i++)
            if (kids.getObject(i) instanceof COSDictionary kid) collect(kid, pages, seen);
    }

    private static PDPage copy(COSDictionary page, PdfCopier copier, PDDocument clean) throws IOException {
        var copy = new COSDictionary();
        copy.setItem(COSName.TYPE, COSName.PAGE);
        for (COSName key : OF_A_PAGE) {
            COSBase value = INHERITED.contains(key) ? inherited(page, key) : page.getDictionaryObject(key);
            if (value != null) copy.setItem(key, copier.copy(key, value));
        }
        if (!copy.containsKey(COSName.MEDIA_BOX)) copy.setItem(COSName.MEDIA_BOX, PDRectangle.A4.getCOSArray());
        var made = new PDPage(copy);
        COSArray annotations = page.getCOSArray(COSName.ANNOTS);
        if (annotations != null)
            for (int i = 0; i < annotations.size(); i++)
                if (annotations.getObject(i) instanceof COSDictionary a) draw(a, made, copier, clean);
        return made;
    }

    private static COSBase inherited(COSDictionary page, COSName key) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        for (COSDictionary node = page; node != null && seen.add(node); node = node.getCOSDictionary(COSName.PARENT))
            if (node.getDictionaryObject(key) != null) return node.getDictionaryObject(key);
        return null;
    }

    /** Draws what an annotation shows (ISO 32000-1, 12.5.5, algorithm 8.1). */
    private static void draw(COSDictionary annotation, PDPage page, PdfCopier copier, PDDocument clean)
            throws IOException {
        if ((annotation.getInt(COSName.F, 0) & HIDDEN_OR_NOT_SHOWN) != 0
                || COSName.POPUP.equals(annotation.getCOSName(COSName.SUBTYPE))) return;
        COSStream appearance = appearance(annotation);
        COSArray corners = annotation.getCOSArray(COSName.RECT);
        if (appearance == null || corners == null || corners.size() != 4) return;
        var form = new PDFormXObject((COSStream) copier.copy(COSName.N, appearance));
        if (form.getBBox() == null) return;
        var where = new PDRectangle(corners);
        var box = form.getBBox().transform(form.getMatrix()).getBounds2D();
        if (box.getWidth() <= 0 || box.getHeight() <= 0) return;
        var move = AffineTransform.getTranslateInstance(where.getLowerLeftX(), where.getLowerLeftY());
        move.scale(where.getWidth() / box.getWidth(), where.getHeight() / box.getHeight());
        move.translate(-box.getX(), -box.getY());
        try (var content = new PDPageContentStream(clean, page, AppendMode.APPEND, true, true)) {
            content.transform(new Matrix(move));
            content.drawForm(form);
        }
    }

    private static COSStream appearance(COSDictionary annotation) {
        COSDictionary appearances = annotation.getCOSDictionary(COSName.AP);
        COSBase normal = appearances == null ? null : appearances.getDictionaryObject(COSName.N);
        if (normal instanceof COSStream stream) return stream;
        COSName state = annotation.getCOSName(COSName.AS);
        if (!(normal instanceof COSDictionary states) || state == null) return null;
        return states.getDictionaryObject(state) instanceof COSStream stream ? stream : null;
    }
}
