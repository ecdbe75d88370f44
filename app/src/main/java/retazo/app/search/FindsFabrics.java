package retazo.app.search;

import java.nio.charset.StandardCharsets;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriUtils;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.staff.Right;

/** Fabrics by code, name and colour as it is seen. */
@Component
@Order(4)
class FindsFabrics implements Finds {

    private final FabricService fabrics;

    FindsFabrics(FabricService fabrics) {
        this.fabrics = fabrics;
    }

    @Override
    public Right right() {
        return Right.STOCK;
    }

    @Override
    public Hits find(String typed) {
        Slice<Fabric> found = fabrics.page(typed, 0, Hits.SHOWN);
        return new Hits(
                "fabrics", found.map(fabric -> new Hit(
                        fabric.name(), fabric.code(),
                        "/stock?words=" + UriUtils.encode(fabric.code(), StandardCharsets.UTF_8))).getContent(),
                found.hasNext() ? "/stock" : "");
    }
}
