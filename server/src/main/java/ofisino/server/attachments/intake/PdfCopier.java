package ofisino.server.attachments.intake;

import java.io.IOException;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNull;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Copies what a page draws with into another document, but for what could do something, or point to something, else. */
final class PdfCopier {
    private static final Set<String> LEFT_BEHIND = Set.of(
            "A",
            "AA",
            "JS",
            "OpenAction",
            "XFA",
            "EF",
            "AF",
            "Metadata",
            "PieceInfo",
            "OPI",
            "Ref",
            "OC",
            "Properties",
            "Annots",
            "Parent",
            "P",
            "StructParent",
            "StructParents",
            "Alternates",
            "LastModified");

    /** In the dictionary of a stream these say that its data lie in another file. */
    private static final Set<String> ELSEWHERE = Set.of("F", "FFilter", "FDecodeParms");

    /** What stands in these is called as its maker liked, {@code /A} too. */
    private static final Set<String> NAMED_FREELY =
            Set.of("Font", "XObject", "ExtGState", "ColorSpace", "Pattern", "Shading", "CharProcs", "Colorants");

    private final PDDocument into;
    private final Map<COSBase, COSBase> copies = new IdentityHashMap<>();

    PdfCopier(PDDocument into) {
        this.into = into;
    }

    /** @param under the key under which it stands */
    COSBase copy(COSName under, COSBase value) throws IOException {
        if (value instanceof COSObject indirect) {
            COSBase real = indirect.getObject();
            return real == null ? COSNull.NULL : copy(under, real);
        }
        COSBase known = copies.get(value);
        if (known != null) return known;
        if (value instanceof COSStream stream) return stream(stream);
        if (value instanceof COSDictionary dictionary) {
            var copy = new COSDictionary();
            copies.put(value, copy);
            boolean free = NAMED_FREELY.contains(under.getName()) && !dictionary.containsKey(COSName.TYPE);
            entries(dictionary, copy, free ? Set.of() : LEFT_BEHIND, Set.of());
            return copy;
        }
        if (value instanceof COSArray array) {
            var copy = new COSArray();
            copies.put(value, copy);
            for (COSBase item : array) copy.add(item == null ? COSNull.NULL : copy(under, item));
            return copy;
        }
        return value;
    }

    private COSStream stream(COSStream source) throws IOException {
        COSStream copy = into.getDocument().createCOSStream();
        copies.put(source, copy);
        try (var from = source.createRawInputStream();
                var to = copy.createRawOutputStream()) {
            from.transferTo(to);
        }
        entries(source, copy, LEFT_BEHIND, ELSEWHERE);
        return copy;
    }

    private void entries(COSDictionary from, COSDictionary to, Set<String> without, Set<String> norThese)
            throws IOException {
        for (Map.Entry<COSName, COSBase> entry : from.entrySet()) {
            String key = entry.getKey().getName();
            if (without.contains(key) || norThese.contains(key) || key.equals("Length")) continue;
            if (entry.getValue() != null) to.setItem(entry.getKey(), copy(entry.getKey(), entry.getValue()));
        }
    }
}
