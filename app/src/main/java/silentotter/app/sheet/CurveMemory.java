package silentotter.app.sheet;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import silentotter.core.compression.CompressionAnalyst;
import silentotter.core.twin.CrankingSetup;
import silentotter.core.twin.LeakCurve;

/** Leak curves cost some twenty twin runs each and depend only on their setup, so they are remembered. */
@Configuration
class CurveMemory {
    @Bean
    CompressionAnalyst compressionAnalyst() {
        LoadingCache<CrankingSetup, LeakCurve> curves =
                Caffeine.newBuilder().maximumSize(500).build(LeakCurve::of);
        return new CompressionAnalyst(curves::get);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
