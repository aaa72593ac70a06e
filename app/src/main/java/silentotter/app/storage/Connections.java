package silentotter.app.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;

/**
 * One connection that writes and some that only read. SQLite writes one at a time: waiting for the one connection is
 * fair, waiting for SQLite's lock is not. Readers see the last committed state meanwhile, so a long import stops nobody
 * from looking.
 */
@Configuration
class Connections {
    private static final String EVERY = "foreign_keys=on&journal_mode=WAL&synchronous=FULL&busy_timeout=30000";
    /** Pages, of 4 KiB, in the write-ahead log before they are moved into the database itself; SQLite's own is 1000. */
    private static final String CHECKPOINT = "pragma wal_autocheckpoint=200";

    private static final int READERS = 8;

    @Bean(destroyMethod = "close", defaultCandidate = false)
    HikariDataSource writer(@Value("${otter.data}") String folder, FolderLock held) {
        HikariConfig config = common(folder, "&transaction_mode=IMMEDIATE", "writer", 1);
        config.setConnectionInitSql(CHECKPOINT);
        return new HikariDataSource(config);
    }

    @Bean(destroyMethod = "close", defaultCandidate = false)
    HikariDataSource readers(@Value("${otter.data}") String folder, FolderLock held) {
        HikariConfig config = common(folder, "&transaction_mode=DEFERRED", "readers", READERS);
        config.setConnectionInitSql("pragma query_only=on");
        config.setMinimumIdle(0);
        // The database is made by the writer.
        config.setInitializationFailTimeout(-1);
        return new HikariDataSource(config);
    }

    /** Read-only transactions take a reader, everything else the writer. */
    @Bean
    @Primary
    DataSource dataSource(@Qualifier("writer") DataSource writer, @Qualifier("readers") DataSource readers) {
        LazyConnectionDataSourceProxy proxy = new LazyConnectionDataSourceProxy(writer);
        proxy.setReadOnlyDataSource(readers);
        return proxy;
    }

    private static HikariConfig common(String folder, String mode, String name, int most) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:sqlite:" + folder + "/" + DataFolder.DATABASE + "?" + EVERY + mode);
        config.setPoolName(name);
        config.setMaximumPoolSize(most);
        config.setConnectionTimeout(30_000);
        return config;
    }
}
