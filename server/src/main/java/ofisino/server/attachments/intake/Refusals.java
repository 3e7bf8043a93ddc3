package ofisino.server.attachments.intake;

import ofisino.core.kernel.InvalidValue;

/** The sentences for a file that is not kept. */
final class Refusals {
    private Refusals() {}

    static InvalidValue damaged() {
        return refused("attachment.damaged", "This picture cannot be read; the file may be damaged.", "Take it again.");
    }

    static InvalidValue cutShort() {
        return refused(
                "attachment.cut-short",
                "This picture is incomplete: part of it was lost on the way.",
                "Send it again, or take it again.");
    }

    static InvalidValue tooManyPixels(int most) {
        return refused(
                "attachment.too-many-pixels",
                "The picture has more than %d million pixels.",
                "Take it at a lower resolution.",
                most / 1_000_000);
    }

    static InvalidValue refused(String code, String wrong, String wayOut, Object... values) {
        return InvalidValue.at("file", code, wrong, wayOut, values);
    }
}
