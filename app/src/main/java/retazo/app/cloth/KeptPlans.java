package retazo.app.cloth;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import retazo.core.cutting.strip.CutPlan;
import retazo.core.cutting.strip.CutRequest;
import retazo.core.kit.Planners;
import retazo.core.precut.SetsPerSheet;
import retazo.core.precut.SheetPlan;
import retazo.core.precut.SheetPlans;
import retazo.core.precut.SheetRequest;

/** The plans that were found last, so that a page that is asked for again does not plan again. */
@Configuration(proxyBeanMethods = false)
class KeptPlans {

    private static final int MOST_CLOTHS = 2_000;
    private static final int MOST_SHEETS = 4_000;

    @Bean
    Planners planners() {
        LoadingCache<CutRequest, CutPlan> cuts = Caffeine.newBuilder().maximumSize(MOST_CLOTHS).build(Planners.ANEW.cuts()::plan);
        return new Planners(cuts::get, new KeptSheets());
    }

    private static final class KeptSheets implements SheetPlans {
        private final LoadingCache<SheetRequest, Optional<SheetPlan>> plans = Caffeine.newBuilder().maximumSize(MOST_SHEETS)
                .build(Planners.ANEW.sheets()::fewest);
        private final LoadingCache<SheetRequest, SetsPerSheet> sets = Caffeine.newBuilder().maximumSize(MOST_SHEETS)
                .build(Planners.ANEW.sheets()::setsPerSheet);

        @Override
        public Optional<SheetPlan> fewest(SheetRequest request) {
            return plans.get(request);
        }

        @Override
        public SetsPerSheet setsPerSheet(SheetRequest request) {
            return sets.get(request);
        }
    }
}
