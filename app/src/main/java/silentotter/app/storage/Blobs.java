package silentotter.app.storage;

import org.apache.ibatis.type.ByteArrayTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** SQLite's driver hands bytes out as bytes; it has no stream to them, which MyBatis would ask for. */
@Configuration
class Blobs {
    @Bean
    ConfigurationCustomizer bytesAsBytes() {
        return c -> c.getTypeHandlerRegistry().register(byte[].class, JdbcType.BLOB, new ByteArrayTypeHandler());
    }
}
