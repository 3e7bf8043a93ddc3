package ofisino.core.vehicle.equipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import ofisino.core.vehicle.BodyStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each value of the equipment changes exactly what {@code matrix.txt} says, on a vehicle of that body, year and layout, and nothing else. */
class MatrixTest {
    record Row(Make make, String item, String value, String instead, Set<String> more, Set<String> less) {
        static Row of(String line) {
            String[] parts = line.split("\\|", -1);
            String[] make = parts[0].strip().split(" ");
            String[] value = parts[1].strip().split(":");
            return new Row(
                    new Make(BodyStyle.valueOf(make[0]), Integer.parseInt(make[1]), Layout.valueOf(make[2])),
                    value[0],
                    value[1],
                    parts[2].strip(),
                    words(parts[3]),
                    words(parts[4]));
        }

        private static Set<String> words(String text) {
            return Arrays.stream(text.strip().split(", "))
                    .filter(w -> !w.isEmpty())
                    .collect(Collectors.toCollection(TreeSet::new));
        }
    }

    @ParameterizedTest
    @MethodSource("rows")
    void changesWhatTheTableSaysAndNothingElse(Row row) {
        Set<String> has = WhatHangsOnIt.of(Vehicles.of(row.make(), row.item() + ":" + row.value()));
        Set<String> had = WhatHangsOnIt.of(Vehicles.of(row.make(), row.item() + ":" + row.instead()));
        assertThat(without(has, had)).as("more").isEqualTo(row.more());
        assertThat(without(had, has)).as("less").isEqualTo(row.less());
    }

    /** Every value that a vehicle can choose stands there, on 200 rows and more, and every body and layout. */
    @Test
    void leavesNoValueOut() throws IOException {
        List<Row> rows = rows();
        assertThat(rows).hasSizeGreaterThan(200);
        assertThat(rows.stream().map(r -> r.make().body()).distinct()).containsExactlyInAnyOrder(BodyStyle.values());
        assertThat(rows.stream().map(r -> r.make().layout()).distinct()).containsExactlyInAnyOrder(Layout.values());
        Set<String> there = rows.stream().map(r -> r.item() + ":" + r.value()).collect(Collectors.toSet());
        for (Make make : Vehicles.makes(1935, 1955, 1962, 1974, 1988, 1998, 2008))
            for (Item item : Vehicles.LIBRARY.of(make))
                if (item.possible(make).size() > 1)
                    for (Item.Value v : item.possible(make)) assertThat(there).contains(item.id() + ":" + v.id());
    }

    /** Nobody is asked for what changes nothing. */
    @Test
    void everyItemMatters() throws IOException {
        Set<String> matters = rows().stream()
                .filter(r -> !r.more().isEmpty() || !r.less().isEmpty())
                .map(Row::item)
                .collect(Collectors.toSet());
        assertThat(Vehicles.LIBRARY.all())
                .extracting(Item::id)
                .allSatisfy(id -> assertThat(matters).contains(id));
    }

    static List<Row> rows() throws IOException {
        try (InputStream in = MatrixTest.class.getResourceAsStream("matrix.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.isBlank())
                    .map(Row::of)
                    .toList();
        }
    }

    private static Set<String> without(Set<String> all, Set<String> those) {
        Set<String> rest = new TreeSet<>(all);
        rest.removeAll(those);
        return rest;
    }
}
