package ofisino.server.parts.pricelist;

import java.util.List;
import java.util.UUID;
import ofisino.core.kernel.list.Decimals;
import ofisino.core.parts.pricelist.Columns;
import ofisino.core.parts.pricelist.PriceList.BadBecause;
import ofisino.server.history.ChangesNothing;
import ofisino.server.identity.Caller;
import ofisino.server.identity.Role;
import ofisino.server.identity.Roles;
import ofisino.server.parts.pricelist.PriceListMapper.ArticleRow;
import ofisino.server.parts.pricelist.PriceListMapper.ListRow;
import ofisino.server.parts.pricelist.PriceListMapper.ListSize;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Roles(look = Role.OWNER, change = Role.OWNER)
@RequestMapping("/api")
record PriceListController(PriceListService service) {
    /** In which column of a list what stands; the first is 0. */
    record ColumnsOfList(
            int title,
            int price,
            @Nullable Integer number,
            @Nullable Integer pieces,
            @Nullable Integer leadDays,
            @Nullable Integer stock,
            @Nullable Integer replaced) {
        static ColumnsOfList of(Columns c) {
            return new ColumnsOfList(
                    c.title(),
                    c.price(),
                    c.number().isPresent() ? c.number().getAsInt() : null,
                    c.pieces().isPresent() ? c.pieces().getAsInt() : null,
                    c.leadDays().isPresent() ? c.leadDays().getAsInt() : null,
                    c.stock().isPresent() ? c.stock().getAsInt() : null,
                    c.replaced().isPresent() ? c.replaced().getAsInt() : null);
        }
    }

    /**
     * @param header     the first line
     * @param rows       the next few
     * @param lines      below the first
     * @param columns    as the seller's lists said it last time, or as the first line seems to say; absent where it does not
     * @param remembered the columns are those of last time
     */
    record ListLookResponse(
            List<String> header,
            List<List<String>> rows,
            int lines,
            @Nullable ColumnsOfList columns,
            Decimals decimals,
            boolean remembered) {}

    /** @param line of the file @param said what stands there */
    record BadLine(long line, BadBecause why, String said) {}

    /** @param taken articles; 0 where a person wants all or nothing and a line is bad @param bad every line that cannot be read */
    record TakenResponse(int taken, List<BadLine> bad) {}

    /** The body is the file itself. Changes nothing. */
    @ChangesNothing
    @PostMapping("/suppliers/{id}/list/look")
    ListLookResponse look(Caller caller, @PathVariable UUID id, @RequestBody byte[] file) {
        return service.look(caller, id, file);
    }

    /** The body is the file itself; the list of last time goes. @param withoutBad the others are taken though lines are bad */
    @PostMapping("/suppliers/{id}/list")
    TakenResponse take(
            Caller caller,
            @PathVariable UUID id,
            @RequestParam int title,
            @RequestParam int price,
            @RequestParam @Nullable Integer number,
            @RequestParam @Nullable Integer pieces,
            @RequestParam @Nullable Integer leadDays,
            @RequestParam @Nullable Integer stock,
            @RequestParam @Nullable Integer replaced,
            @RequestParam Decimals decimals,
            @RequestParam boolean withoutBad,
            @RequestBody byte[] file) {
        var said = new ListRow(
                id, service.today(caller), decimals, title, price, number, pieces, leadDays, stock, replaced);
        return service.take(caller, said, withoutBad, file);
    }

    /** Whose lists were read. */
    @GetMapping("/suppliers/lists")
    List<ListSize> lists(Caller caller) {
        return service.lists(caller);
    }

    /** What sellers' lists have. @param q words that all stand in title or number */
    @GetMapping("/articles")
    List<ArticleRow> articles(Caller caller, @RequestParam String q) {
        return service.search(caller, q);
    }
}
