package ofisino.server.plan.access;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ofisino.server.plan.access.AccessMapper.StripDownRow;

/** What was opened and closed so far, and which strip-down a piece of work is in while nobody says otherwise: after each closing it is another. */
record Rounds(Map<UUID, StripDownRow> opened) {
    static Rounds of(List<StripDownRow> rows) {
        return new Rounds(rows.stream().collect(Collectors.toMap(StripDownRow::id, Function.identity())));
    }

    boolean isClosed(UUID stripDown) {
        StripDownRow row = opened.get(stripDown);
        return row != null && row.closedOn() != null;
    }

    boolean isOpen(UUID stripDown) {
        return opened.containsKey(stripDown) && !isClosed(stripDown);
    }

    /** Strip-downs that somebody opened and nobody closed. */
    Stream<UUID> openOnes() {
        return opened.keySet().stream().filter(this::isOpen).sorted();
    }

    /** Where the jobs of a piece of work share a strip-down of an access. */
    static UUID first(UUID piece, String access) {
        return round(piece, access, 0);
    }

    /** Where they share it once more after it was closed: what is open anyway, or its next round. */
    UUID next(UUID piece, String access) {
        return openOnes()
                .filter(id -> opened.get(id).access().equals(access))
                .findFirst()
                .orElseGet(() -> round(piece, access, closed(access)));
    }

    /** Whether a piece of work is in it without anybody saying so. */
    boolean isUsual(UUID stripDown, UUID piece, String access) {
        return IntStream.rangeClosed(0, closed(access))
                .anyMatch(n -> round(piece, access, n).equals(stripDown));
    }

    private int closed(String access) {
        return (int) opened.values().stream()
                .filter(o -> o.access().equals(access) && o.closedOn() != null)
                .count();
    }

    private static UUID round(UUID piece, String access, int closed) {
        String again = closed == 0 ? "" : " " + closed;
        return UUID.nameUUIDFromBytes((piece + access + again).getBytes(StandardCharsets.UTF_8));
    }
}
